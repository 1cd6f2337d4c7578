// <shell-drawer>: wires the <dialog> inside it as a drawer.
import { wireDrawer } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-drawer', wireDrawer, {
  root: 'dialog',
  options: [
    'edge',
    'outside',
    'escape',
    'firstFocus',
    'focusReturn',
    'closedWhen',
    'behind',
    'content',
    'loadOn',
  ],
  flags: ['modal', 'keepContent'],
  states: ['open'],
});
