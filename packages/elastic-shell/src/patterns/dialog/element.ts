// <shell-dialog>: wires the <dialog> inside it.
import { wireDialog } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-dialog', wireDialog, {
  root: 'dialog',
  options: [
    'outside',
    'escape',
    'firstFocus',
    'focusReturn',
    'size',
    'phone',
    'backdrop',
    'content',
    'loadOn',
  ],
  flags: ['keepContent'],
  states: ['open'],
});
