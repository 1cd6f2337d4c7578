// The element <shell-popover>, which wires the popover inside it.
import { popover, popoverMethods } from '../../core/contract/popover.js';
import { element } from '../../engine/element.js';
import type { OpenProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Popover, type PopoverOptions, wirePopover } from './wire.js';

/** The element `<shell-popover>`. Its options and states are properties, and its methods are methods. */
export interface ShellPopover
  extends
    ShellElement<Popover>,
    OptionProperties<PopoverOptions, 'open'>,
    Pick<Popover, (typeof popoverMethods)[number]>,
    OpenProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-popover': ShellPopover;
  }
}

element('shell-popover', wirePopover, {
  root: '[popover],dialog',
  options: popover.options ?? {},
  methods: popoverMethods,
});
