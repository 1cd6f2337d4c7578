// The popover on an element: `wirePopover`.
import type { Cell } from '../core/cell.js';
import { popover, type PopoverChoices, popoverChoices } from '../core/contract/popover.js';
import { parseArea } from '../core/layers/placement.js';
import { wire } from '../dom/engine.js';
import { floating, type FloatingOptions, isShown } from '../dom/floating.js';
import { checkChoices } from '../dom/options.js';
import type { OpenOptions, Wired } from '../dom/types.js';

export interface PopoverOptions
  extends OpenOptions, PopoverChoices, Omit<FloatingOptions, keyof PopoverChoices> {}

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
  return wire(root, { ...popover, read: () => ({ open: isShown(root) }) }, options, (engine) =>
    floating(engine, {
      anchored: true,
      outside: 'close',
      focusOut: 'close',
      takesFocus: false,
      returnsFocus: true,
      naming: (title) =>
        title && !named ? { 'aria-labelledby': title, role: root.getAttribute('role') ?? 'group' } : {},
    }),
  );
}
