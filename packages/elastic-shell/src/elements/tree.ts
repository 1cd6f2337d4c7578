// <shell-tree>: wires the tree inside it.
import { wireTree } from '../patterns/tree.js';
import { element } from './element.js';

element('shell-tree', wireTree, {
  root: '[role=tree],ul,ol',
  options: ['selection', 'activation', 'toggleBy', 'match', 'rowHeight'],
  states: [],
  values: ['expanded', 'selected', 'checked', 'query'],
});
