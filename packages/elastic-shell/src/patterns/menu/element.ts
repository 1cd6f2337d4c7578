// The element <shell-menu>, which wires the menu inside it.
import { menu, menuMethods } from '../../core/contract/menu.js';
import { element } from '../../engine/element.js';
import type {
  CheckedProperty,
  OpenProperty,
  OptionProperties,
  ShellElement,
  ShellEvents,
} from '../../engine/element-types.js';
import type { MenuOptions, MenuPick } from './types.js';
import { type Menu, wireMenu } from './wire.js';

export type { MenuPick } from './types.js';

/** The events of `<shell-menu>`. */
export interface ShellMenuEvents extends ShellEvents<Menu> {
  /** An item was activated. */
  'shell-pick': CustomEvent<MenuPick>;
}

/** `<shell-menu>`: its options and states are properties, its methods methods. */
export interface ShellMenu
  extends
    ShellElement<Menu, ShellMenuEvents>,
    OptionProperties<MenuOptions, 'open' | 'checked'>,
    Pick<Menu, (typeof menuMethods)[number]>,
    OpenProperty,
    CheckedProperty {
  /** What it was last opened about: the control that opened it, or what a context menu was asked for on. */
  readonly about: Element | undefined;
}

declare global {
  interface HTMLElementTagNameMap {
    'shell-menu': ShellMenu;
  }
  interface GlobalEventHandlersEventMap {
    'shell-pick': CustomEvent<MenuPick>;
  }
}

element('shell-menu', wireMenu, {
  root: '[role=menu]',
  options: menu.options ?? {},
  methods: menuMethods,
  reads: ['about'],
});
