// <shell-drawer>: wires the <dialog> inside it as a drawer.
import { drawer } from '../../core/contract/drawer.js';
import { element } from '../../engine/element.js';
import { wireDrawer } from './wire.js';

element('shell-drawer', wireDrawer, { root: 'dialog', options: drawer.options ?? {} });
