// The element <shell-drawer>, which wires the <dialog> inside it.
import { drawer, drawerMethods } from '../../core/contract/drawer.js';
import { element } from '../../engine/element.js';
import type { OpenProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Drawer, type DrawerOptions, wireDrawer } from './wire.js';

/** The element `<shell-drawer>`. Its options and states are properties, and its methods are methods. */
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
