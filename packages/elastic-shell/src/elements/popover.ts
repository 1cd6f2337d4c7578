// <shell-popover>: wires the popover inside it.
import { wirePopover } from '../patterns/popover.js';
import { element } from './element.js';

element('shell-popover', wirePopover, {
  root: '[popover]',
  options: ['area', 'gap', 'padding', 'outside', 'escape', 'focusOut', 'firstFocus'],
  states: ['open'],
});
