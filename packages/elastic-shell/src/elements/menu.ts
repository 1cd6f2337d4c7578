// <shell-menu>: wires the menu inside it.
import { wireMenu } from '../patterns/menu.js';
import { element } from './element.js';

element('shell-menu', wireMenu, {
  root: '[role=menu]',
  options: ['area', 'gap', 'padding', 'context', 'stay', 'delay'],
  states: ['open'],
  values: ['checked'],
});
