// <shell-popover>: wires the popover inside it.
import { wirePopover } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-popover', wirePopover, {
  root: '[popover],dialog',
  options: [
    'area',
    'gap',
    'edgeGap',
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
