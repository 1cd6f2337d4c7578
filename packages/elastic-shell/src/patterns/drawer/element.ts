// <shell-drawer>: wires the <dialog> inside it as a drawer.
import { drawer, drawerMethods } from '../../core/contract/drawer.js';
import { element } from '../../engine/element.js';
import type { OpenProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Drawer, type DrawerOptions, wireDrawer } from './wire.js';

/** `<shell-drawer>`: its options and states are properties, its methods methods. */
export interface ShellDrawer
  extends
    ShellElement<Drawer>,
    OptionProperties<DrawerOptions, 'open'>,
    Pick<Drawer, (typeof drawerMethods)[number]>,
    OpenProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-drawer': ShellDrawer;
  }
}

element('shell-drawer', wireDrawer, {
  root: 'dialog',
  options: drawer.options ?? {},
  methods: drawerMethods,
});
