// The element <shell-tooltip>, which wires the tooltip inside it.
import { tooltip, tooltipMethods } from '../../core/contract/tooltip.js';
import { element } from '../../engine/element.js';
import type { OpenProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Tooltip, type TooltipOptions, wireTooltip } from './wire.js';

/** The element `<shell-tooltip>`. Its options and states are properties, and its methods are methods. */
export interface ShellTooltip
  extends
    ShellElement<Tooltip>,
    OptionProperties<TooltipOptions, 'open'>,
    Pick<Tooltip, (typeof tooltipMethods)[number]>,
    OpenProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-tooltip': ShellTooltip;
  }
}

element('shell-tooltip', wireTooltip, {
  root: '[popover]',
  options: tooltip.options ?? {},
  methods: tooltipMethods,
});
