// The outlines of what opens: dialogs, drawers, popovers, tooltips, disclosures, menus.
//
// Controls ask by the platform's own commands where it has one: then they work before any script does.
import { dialog as dialogContract, type DialogChoices } from '../contract/dialog.js';
import type { Attributes } from '../contract/contract.js';
import { disclosure as disclosureContract } from '../contract/disclosure.js';
import { drawer as drawerContract, type DrawerChoices } from '../contract/drawer.js';
import { menu as menuContract, type MenuChoices, type MenuState } from '../contract/menu.js';
import type { Openable } from '../contract/openable.js';
import { popover as popoverContract, type PopoverChoices } from '../contract/popover.js';
import { tooltip as tooltipContract } from '../contract/tooltip.js';
import { control, type Given, type Outline, partId, rootOf, stopAt, viewOf } from './outline.js';

const closed: Openable = { open: false };

// What opens in the top layer shows only once it is wired, whatever its first state is: until then its openers say that it is closed.

type Layer<O> = Given<Openable, O>;

/** Whether what a drawer opens keeps the page behind it live. */
const isLive = ({ options }: Layer<DrawerChoices>): boolean => options.modal === false;

/** A dialog, or an alert dialog: spread `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. */
export const dialogOutline = {
  name: dialogContract.name,
  first: closed,
  unscripted: ({ state }: Layer<DialogChoices>): Attributes => (state.open ? { open: '' } : {}),
  single: {
    /** The dialog. Goes onto a `<dialog>`. */
    root: (given: Layer<DialogChoices>): Attributes => rootOf(dialogContract.semantics, given, 'dialog'),
    /** The heading that names it. */
    title: (given: Layer<DialogChoices>) => ({ id: partId(given, 'title') }),
  },
  each: {
    /** Opens it. Goes onto a `<button>`. */
    opener: (given: Layer<DialogChoices>): Attributes => ({
      ...control(given, 'show-modal'),
      ...dialogContract.semantics.opener?.(closed, viewOf(given, 'dialog'), 'open'),
    }),
    /** Closes it with this result. Goes onto a `<button>`. */
    closer: (given: Layer<DialogChoices>, result?: string): Attributes => control(given, 'close', result),
  },
} satisfies Outline<Openable, DialogChoices>;

/** A drawer: spread `root` onto a `<dialog>`, `opener()` and `closer(result)` onto buttons. */
export const drawerOutline = {
  name: drawerContract.name,
  first: closed,
  unscripted: (given: Layer<DrawerChoices>): Attributes =>
    given.state.open && !isLive(given) ? { open: '' } : {},
  single: {
    /** The drawer. Goes onto a `<dialog>`. */
    root: (given: Layer<DrawerChoices>) => ({
      ...(isLive(given) && { popover: 'manual' }),
      ...rootOf(drawerContract.semantics, given, 'dialog'),
    }),
    /** The heading that names it. */
    title: (given: Layer<DrawerChoices>) => ({ id: partId(given, 'title') }),
  },
  each: {
    /** Opens it. Goes onto a `<button>`. */
    opener: (given: Layer<DrawerChoices>): Attributes => ({
      ...control(given, isLive(given) ? '--toggle' : 'show-modal'),
      ...drawerContract.semantics.opener?.(closed, viewOf(given, 'dialog'), 'open'),
    }),
    /** Closes it with this result. Goes onto a `<button>`. */
    closer: (given: Layer<DrawerChoices>, result?: string): Attributes =>
      control(given, isLive(given) ? '--close' : 'close', result),
  },
} satisfies Outline<Openable, DrawerChoices>;

/** A popover: spread `root` and `opener()`. */
export const popoverOutline = {
  name: popoverContract.name,
  first: closed,
  single: {
    /** The popover. */
    root: (given: Layer<PopoverChoices>): Attributes => ({
      id: given.id,
      ...(!given.options.modal && { popover: 'manual' }),
    }),
    /** The heading that names it. */
    title: (given: Layer<PopoverChoices>) => ({ id: partId(given, 'title') }),
  },
  each: {
    /** Opens and closes it. Goes onto a `<button>`. */
    opener: (given: Layer<PopoverChoices>): Attributes => ({
      ...control(given, given.options.modal ? '--toggle' : 'toggle-popover'),
      ...popoverContract.semantics.opener?.(closed, viewOf(given), 'toggle'),
    }),
    /** Closes it. Goes onto a `<button>`. */
    closer: (given: Layer<PopoverChoices>): Attributes =>
      control(given, given.options.modal ? '--close' : 'hide-popover'),
  },
} satisfies Outline<Openable, PopoverChoices>;

/** A tooltip: spread `root`, and `described()` or `named()` onto its control. */
export const tooltipOutline = {
  name: tooltipContract.name,
  first: closed,
  single: {
    /** The tooltip. */
    root: (given: Layer<object>): Attributes => ({
      popover: 'manual',
      ...rootOf(tooltipContract.semantics, given),
    }),
  },
  each: {
    /** The control that the tooltip describes. */
    described: ({ id }: Layer<object>): Attributes => ({ 'aria-describedby': id }),
    /** The control that the tooltip names. */
    named: ({ id }: Layer<object>): Attributes => ({ 'aria-labelledby': id }),
  },
} satisfies Outline<Openable>;

/** A disclosure: spread `root` onto the panel (`details` onto a `<details>`), `opener()` onto a button. */
export const disclosureOutline = {
  name: disclosureContract.name,
  roots: ['root', 'details'],
  first: closed,
  single: {
    /** The panel. */
    root: (given: Layer<object>): Attributes => rootOf(disclosureContract.semantics, given),
    /** The panel as a `<details>`: goes onto a `<details>`. */
    details: (given: Layer<object>): Attributes => rootOf(disclosureContract.semantics, given, 'details'),
  },
  each: {
    /** Opens and closes the panel. Goes onto a `<button>`. */
    opener: (given: Layer<object>): Attributes => ({
      ...control(given, '--toggle'),
      ...disclosureContract.semantics.opener?.(given.state, viewOf(given), 'toggle'),
    }),
  },
} satisfies Outline<Openable>;

type Menu = Given<MenuState, MenuChoices>;

const noKeys: ReadonlySet<string> = new Set();

const menuItem = (given: Menu, role: string, key: string): Attributes => ({
  type: 'button',
  role,
  'data-key': key,
  ...stopAt(given, key, [given.state.current]),
});

const checkable = (given: Menu, role: string, key: string): Attributes => ({
  ...menuItem(given, role, key),
  'aria-checked': `${given.state.checked.has(key)}`,
});

/** A menu: spread `root`, `opener()`, and `item(key)`, `checkbox(key)`, `radio(key)`; a submenu's `branch()` onto its item. */
export const menuOutline = {
  name: menuContract.name,
  first: { open: false, checked: noKeys, current: undefined },
  firstItem: { state: 'current', parts: ['item', 'checkbox', 'radio'] },
  single: {
    /** The menu. */
    root: (given: Menu): Attributes => ({
      ...rootOf(menuContract.semantics, given),
      role: 'menu',
      popover: 'manual',
    }),
    /** A line between items. */
    separator: (_: Menu): Attributes => ({ role: 'separator' }),
  },
  each: {
    /** Opens and closes the menu. Goes onto a `<button>`. */
    opener: (given: Menu): Attributes => ({
      ...control(given, 'toggle-popover'),
      ...menuContract.semantics.opener?.({ ...given.state, ...closed }, viewOf(given), 'toggle'),
    }),
    /** Opens this menu from an item of another. Goes onto the item. */
    branch: ({ id }: Menu): Attributes => ({
      'aria-haspopup': 'menu',
      'aria-expanded': 'false',
      'aria-controls': id,
    }),
    /** An item that does something. */
    item: (given: Menu, key: string): Attributes => menuItem(given, 'menuitem', key),
    /** An item that is checked or not. */
    checkbox: (given: Menu, key: string): Attributes => checkable(given, 'menuitemcheckbox', key),
    /** An item of a group, of which one is checked. */
    radio: (given: Menu, key: string): Attributes => checkable(given, 'menuitemradio', key),
    /** A group of items with a name. */
    group: (_: Menu, name: string): Attributes => ({ role: 'group', 'aria-label': name }),
  },
} satisfies Outline<MenuState, MenuChoices>;
