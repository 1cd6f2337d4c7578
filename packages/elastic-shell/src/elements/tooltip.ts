// <shell-tooltip>: wires the tooltip inside it.
import { wireTooltip } from '../patterns/tooltip.js';
import { element } from './element.js';

element('shell-tooltip', wireTooltip, {
  root: '[popover]',
  options: ['area', 'gap', 'padding', 'delay'],
  states: ['open'],
});
