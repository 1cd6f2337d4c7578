// <shell-menu>: wires the menu inside it.
import { wireMenu } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-menu', wireMenu, {
  root: '[role=menu]',
  options: ['area', 'gap', 'edgeGap', 'context', 'stay', 'delay'],
  states: ['open'],
  values: ['checked'],
});
