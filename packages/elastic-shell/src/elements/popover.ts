// <shell-popover>: wires the popover inside it.
import { wirePopover } from '../patterns/popover.js';
import { element } from './element.js';

element('shell-popover', wirePopover, {
  root: '[popover],dialog',
  options: [
    'area',
    'gap',
    'padding',
    'outside',
    'escape',
    'focusOut',
    'firstFocus',
    'fit',
    'openOn',
    'delay',
    'behind',
    'content',
    'loadOn',
  ],
  flags: ['modal', 'keepContent'],
  states: ['open'],
});
