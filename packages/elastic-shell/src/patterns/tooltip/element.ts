// <shell-tooltip>: wires the tooltip inside it.
import { wireTooltip } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-tooltip', wireTooltip, {
  root: '[popover]',
  options: ['area', 'gap', 'edgeGap', 'delay'],
  states: ['open'],
});
