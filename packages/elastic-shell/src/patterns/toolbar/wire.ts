// Wires a toolbar: `wireToolbar`.
import {
  toolbar,
  type ToolbarChoices,
  type ToolbarIntent,
  toolbarKeys,
  type ToolbarState,
} from '../../core/contract/toolbar.js';
import { toolbarOutline } from '../../core/outline/toolbar.js';
import type { Engine, Service } from '../../engine/service.js';
import { targetOf } from '../../engine/dom.js';
import { lazyService } from '../../engine/lazy-service.js';
import { definePattern } from '../../engine/pattern.js';
import type { Cells, CommonOptions, StateOption, Wire, Wired } from '../../engine/types.js';
import { chordOf } from '../../events/keys.js';
import { listen } from '../../events/listen.js';
import { canFocus } from '../../focus/focusable.js';
import { stateCursor } from '../../list/cursor.js';
import { labelIn, markupItems } from '../../list/items.js';
import { list } from '../../list/list.js';
import { controlsOf, keepsKey } from './items.js';

/** The options of a toolbar. */
export interface ToolbarOptions extends CommonOptions<ToolbarState>, ToolbarChoices {
  /**
   * Sets the key of the item with the tab stop: an initial value, or a cell that is read and written.
   *
   * @defaultValue the first focusable item
   * @example { current: 'zoom' }
   */
  current?: StateOption<string | undefined>;
}

/** A wired toolbar: its state `current`, the key of the item with the tab stop. */
export interface Toolbar extends Wired<ToolbarOptions>, Cells<ToolbarState> {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireToolbar`. */
    toolbar: ToolbarOptions;
  }
}

/** The engine of one toolbar. */
export type ToolbarEngine = Engine<ToolbarState, ToolbarOptions, ToolbarIntent>;

function serve(engine: ToolbarEngine): Service<ToolbarState> {
  const { root, options } = engine;
  const items = markupItems(root, () => controlsOf(root), { labelOf: labelIn });
  const orientation = root.ariaOrientation === 'vertical' ? 'vertical' : 'horizontal';
  const stopHearing = listen(
    root,
    {
      // It is focusable so that people can find it, but clicking it has no effect.
      click(event) {
        if (items.of(event.target)?.element.ariaDisabled !== 'true') return;
        event.preventDefault();
        event.stopImmediatePropagation();
      },
    },
    ['click'],
  );
  const parts = list<ToolbarState, ToolbarOptions, ToolbarIntent>(engine, toolbar, {
    items,
    cursor: stateCursor(engine),
    stop: () => [],
    reach: () =>
      items
        .items()
        .filter(
          ({ key, disabled }) => canFocus(items.elementOf(key)!) && !(options.skipDisabled && disabled),
        ),
    moves: {
      reachDisabled: true,
      get wrap() {
        return options.wrap ?? false;
      },
    },
    keys: () => toolbarKeys({ orientation, ...options }),
    keeps(event) {
      const item = targetOf(event);
      return !!item && keepsKey(item, chordOf(event, item));
    },
    press: () => undefined,
  });
  const service: Service<ToolbarState> = {
    ...parts,
    release() {
      parts.release();
      stopHearing();
    },
  };
  return options.overflow
    ? lazyService(service, engine, async () => (await import('./overflow.js')).overflow(engine, items))
    : service;
}

/** The pattern as one value. */
export const toolbarPattern = definePattern({
  ...toolbar,
  serve,
  element: { root: '[role=toolbar]' },
  outline: toolbarOutline,
});

/**
 * Wires a toolbar. `root` has role="toolbar" and contains its controls. Follows the WAI-ARIA toolbar pattern.
 *
 * @param root - The element with role="toolbar".
 * @param own - The options.
 * @returns The wired toolbar.
 * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export const wireToolbar: Wire<ToolbarOptions, Toolbar> = toolbarPattern.wire;
