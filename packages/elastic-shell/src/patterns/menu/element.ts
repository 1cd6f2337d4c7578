// <shell-menu>: wires the menu inside it.
import { menu } from '../../core/contract/menu.js';
import { element } from '../../engine/element.js';
import { wireMenu } from './wire.js';

element('shell-menu', wireMenu, { root: '[role=menu]', options: menu.options ?? {} });
