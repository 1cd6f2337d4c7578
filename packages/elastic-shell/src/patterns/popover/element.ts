// <shell-popover>: wires the popover inside it.
import { popover } from '../../core/contract/popover.js';
import { popoverVerbs } from '../../core/contract/verbs.js';
import { element } from '../../engine/element.js';
import type { OpenProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Popover, type PopoverOptions, wirePopover } from './wire.js';

/** `<shell-popover>`: its options and states are properties, its verbs methods. */
export interface ShellPopover
  extends
    ShellElement<Popover>,
    OptionProperties<PopoverOptions, 'open'>,
    Pick<Popover, (typeof popoverVerbs)[number]>,
    OpenProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-popover': ShellPopover;
  }
}

element('shell-popover', wirePopover, {
  root: '[popover],dialog',
  options: popover.options ?? {},
  verbs: popoverVerbs,
});
