// The popover on an element: `wirePopover`.
import type { Cell } from '../../core/cell.js';
import type { Openable } from '../../core/contract/openable.js';
import { popover, type PopoverChoices, popoverChoices } from '../../core/contract/popover.js';
import { parseArea } from '../../core/layers/placement.js';
import { anchored, type AnchorOptions } from '../../position/anchored.js';
import { type ContentOptions, withContent } from '../../content/content.js';
import { wire } from '../../engine/engine.js';
import { dialogFocus, type FocusOptions, popoverFocus } from '../../focus/focus-policy.js';
import { delayOf, hoverGroup } from '../../layer/hover.js';
import { layer, type LayerOptions } from '../../layer/layer.js';
import { withMessage } from '../../layer/message.js';
import { labelsOf } from '../../labels/labels.js';
import { optionsOf } from '../../engine/options.js';
import { asModal, asPopover, isShown } from '../../layer/top-layer.js';
import type { OpenOptions, Wired } from '../../engine/types.js';

export interface PopoverOptions
  extends OpenOptions, PopoverChoices, LayerOptions, FocusOptions, AnchorOptions, ContentOptions {
  /** Milliseconds that the pointer rests on the opener before it opens, with `openOn: 'hover'`. Default: 300. */
  delay?: number;
}

export interface Popover extends Wired {
  readonly open: Cell<boolean>;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    popover: PopoverOptions;
  }
}

const onHover = hoverGroup({ names: ['commandfor', 'aria-controls'], rest: 300, warm: 0, press: 'pin' });

/**
 * Wires a popover. Buttons name it by `commandfor` or `aria-controls`, and it stands beside them.
 * Needs structure.css for its place. Follows HTML's popovers and CSS `position-area`. Throws a
 * TypeError when `root` is no element (with `modal`: no `<dialog>`) or is wired already, or an option's
 * value is unknown; and on opening when there is nothing to stand beside.
 */
export function wirePopover(root: HTMLElement, own: PopoverOptions = {}): Popover {
  const options = optionsOf('popover', own, popoverChoices);
  if (options.area !== undefined) parseArea(options.area);
  if (options.modal && root?.localName !== 'dialog')
    throw new TypeError(`elastic-shell: a modal popover needs a <dialog>, got ${root?.outerHTML ?? root}`);
  const named = root?.matches?.('[aria-label],[aria-labelledby]');
  const isOpen = (): boolean => (options.modal ? root.hasAttribute('open') : isShown(root));
  const contract = { ...popover, read: () => ({ open: isOpen() }) };
  return wire<Openable, PopoverOptions>(root, contract, options, (engine) => {
    const names = labelsOf(engine, (title) =>
      title && !named
        ? {
            'aria-labelledby': title,
            ...(!options.modal && { role: root.getAttribute('role') ?? 'group' }),
          }
        : {},
    );
    const { openOn = 'press', delay } = engine.options;
    const opening = layer(engine, {
      showing: options.modal ? asModal(root as HTMLDialogElement) : asPopover(root),
      standing: anchored(engine),
      focusing: options.modal ? dialogFocus(engine, names) : popoverFocus(engine),
      names,
      outside: 'close',
      focusOut: options.modal ? 'keep' : 'close',
    });
    const service = withContent(engine, withMessage(engine, opening));
    return openOn === 'press'
      ? service
      : onHover(engine, { hover: openOn === 'hover', focus: true, delay: delayOf(delay) }, service);
  });
}
