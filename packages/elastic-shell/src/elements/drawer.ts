// <shell-drawer>: wires the <dialog> inside it as a drawer.
import { wireDrawer } from '../patterns/drawer.js';
import { element } from './element.js';

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
