// <shell-tree>: wires the tree inside it.
import { wireTree } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-tree', wireTree, {
  root: '[role=tree],ul,ol',
  options: ['selection', 'activation', 'toggleBy', 'match', 'rowHeight'],
  states: [],
  values: ['expanded', 'selected', 'checked', 'query'],
});
