// The popover on an element: `wirePopover`.
import type { Cell } from '../core/cell.js';
import type { Openable } from '../core/contract/openable.js';
import { popover, type PopoverChoices, popoverChoices } from '../core/contract/popover.js';
import { parseArea } from '../core/layers/placement.js';
import { wire } from '../dom/engine.js';
import { beside, type BesideOptions } from '../dom/beside.js';
import { type FocusOptions, popoverFocus } from '../dom/focusing.js';
import { layer, type LayerOptions } from '../dom/layer.js';
import { type MessageOptions, withMessage } from '../dom/message.js';
import { namer } from '../dom/naming.js';
import { checkChoices } from '../dom/options.js';
import { asPopover, isShown } from '../dom/showing.js';
import type { OpenOptions, Wired } from '../dom/types.js';

export interface PopoverOptions
  extends OpenOptions, PopoverChoices, LayerOptions, FocusOptions, BesideOptions, MessageOptions {}

export interface Popover extends Wired {
  readonly open: Cell<boolean>;
}

declare module '../dom/defaults.js' {
  interface PatternOptions {
    popover: PopoverOptions;
  }
}

/**
 * Wires a popover. Buttons name it by `commandfor` or `aria-controls`, and it stands beside them.
 * Needs structure.css for its place. Follows HTML's popovers and CSS `position-area`. Throws a
 * TypeError when `root` is no element or is wired already, or an option's value is unknown; and on
 * opening when there is nothing to stand beside.
 */
export function wirePopover(root: HTMLElement, options: PopoverOptions = {}): Popover {
  checkChoices('popover', options, popoverChoices);
  if (options.area !== undefined) parseArea(options.area);
  const named = root?.matches?.('[aria-label],[aria-labelledby]');
  const contract = { ...popover, read: () => ({ open: isShown(root) }) };
  return wire<Openable, PopoverOptions>(root, contract, options, (engine) =>
    withMessage(
      engine,
      layer(engine, {
        showing: asPopover(root),
        standing: beside(engine),
        focusing: popoverFocus(engine),
        names: namer(engine, (title) =>
          title && !named ? { 'aria-labelledby': title, role: root.getAttribute('role') ?? 'group' } : {},
        ),
        outside: 'close',
        focusOut: 'close',
      }),
    ),
  );
}
