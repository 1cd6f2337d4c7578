// <shell-tree>: wires the tree inside it.
import { tree } from '../../core/contract/tree.js';
import { element } from '../../engine/element.js';
import { wireTree } from './wire.js';

element('shell-tree', wireTree, { root: '[role=tree],ul,ol', options: tree.options ?? {} });
