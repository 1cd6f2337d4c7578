// The outlines of patterns that open: dialogs, drawers, popovers, tooltips, disclosures, menus. Controls use
// the platform's own commands if there is one, so that they work before scripts run.
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

// A layer is only visible once it is wired, whatever its initial state. Until then its openers show that it
// is closed.

type Layer<O> = Given<Openable, O>;

/** Returns whether a drawer leaves the page behind it usable. */
const isLive = ({ options }: Layer<DrawerChoices>): boolean => options.modal === false;

/** The parts of a dialog. Spread `root` onto a `<dialog>`, and `opener()` and `closer(result)` onto buttons. */
export const dialogOutline = {
  name: dialogContract.name,
  first: closed,
  unscripted: ({ state }: Layer<DialogChoices>): Attributes => (state.open ? { open: '' } : {}),
  single: {
    /** The dialog. Spread it onto a `<dialog>`. */
    root: (given: Layer<DialogChoices>): Attributes => rootOf(dialogContract.semantics, given, 'dialog'),
    /** The heading that names it. */
    title: (given: Layer<DialogChoices>) => ({ id: partId(given, 'title') }),
  },
  each: {
    /** A button that opens it. Spread it onto a `<button>`. */
    opener: (given: Layer<DialogChoices>): Attributes => ({
      ...control(given, 'show-modal'),
      ...dialogContract.semantics.opener?.(closed, viewOf(given, 'dialog'), 'open'),
    }),
    /** A button that closes it with this result. Spread it onto a `<button>`. */
    closer: (given: Layer<DialogChoices>, result?: string): Attributes => control(given, 'close', result),
  },
} satisfies Outline<Openable, DialogChoices>;

/** The parts of a drawer. Spread `root` onto a `<dialog>`, and `opener()` and `closer(result)` onto buttons. */
export const drawerOutline = {
  name: drawerContract.name,
  first: closed,
  unscripted: (given: Layer<DrawerChoices>): Attributes =>
    given.state.open && !isLive(given) ? { open: '' } : {},
  single: {
    /** The drawer. Spread it onto a `<dialog>`. */
    root: (given: Layer<DrawerChoices>) => ({
      ...(isLive(given) && { popover: 'manual' }),
      ...rootOf(drawerContract.semantics, given, 'dialog'),
    }),
    /** The heading that names it. */
    title: (given: Layer<DrawerChoices>) => ({ id: partId(given, 'title') }),
  },
  each: {
    /** A button that opens it. Spread it onto a `<button>`. */
    opener: (given: Layer<DrawerChoices>): Attributes => ({
      ...control(given, isLive(given) ? '--toggle' : 'show-modal'),
      ...drawerContract.semantics.opener?.(closed, viewOf(given, 'dialog'), 'open'),
    }),
    /** A button that closes it with this result. Spread it onto a `<button>`. */
    closer: (given: Layer<DrawerChoices>, result?: string): Attributes =>
      control(given, isLive(given) ? '--close' : 'close', result),
  },
} satisfies Outline<Openable, DrawerChoices>;

/** The parts of a popover. Spread `root` onto the popover and `opener()` onto a button. */
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
    /** A button that opens and closes it. Spread it onto a `<button>`. */
    opener: (given: Layer<PopoverChoices>): Attributes => ({
      ...control(given, given.options.modal ? '--toggle' : 'toggle-popover'),
      ...popoverContract.semantics.opener?.(closed, viewOf(given), 'toggle'),
    }),
    /** A button that closes it. Spread it onto a `<button>`. */
    closer: (given: Layer<PopoverChoices>): Attributes =>
      control(given, given.options.modal ? '--close' : 'hide-popover'),
  },
} satisfies Outline<Openable, PopoverChoices>;

/** The parts of a tooltip. Spread `root`, and `described()` or `named()` onto the control. */
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

/** The parts of a disclosure. Spread `root` onto the panel (or `details` onto a `<details>`) and `opener()` onto a button. */
export const disclosureOutline = {
  name: disclosureContract.name,
  roots: ['root', 'details'],
  first: closed,
  single: {
    /** The panel. */
    root: (given: Layer<object>): Attributes => rootOf(disclosureContract.semantics, given),
    /** The panel as a `<details>`. Spread it onto a `<details>`. */
    details: (given: Layer<object>): Attributes => rootOf(disclosureContract.semantics, given, 'details'),
  },
  each: {
    /** A button that opens and closes the panel. Spread it onto a `<button>`. */
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

/**
 * The parts of a menu. Spread `root`, `opener()`, and `item(key)`, `checkbox(key)` or `radio(key)` for each item. Spread the
 * `branch()` of a submenu onto the item that opens it.
 */
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
    /** A separator between items. */
    separator: (_: Menu): Attributes => ({ role: 'separator' }),
  },
  each: {
    /** A button that opens and closes the menu. Spread it onto a `<button>`. */
    opener: (given: Menu): Attributes => ({
      ...control(given, 'toggle-popover'),
      ...menuContract.semantics.opener?.({ ...given.state, ...closed }, viewOf(given), 'toggle'),
    }),
    /** An item of another menu that opens this menu. Spread it onto the item. */
    branch: ({ id }: Menu): Attributes => ({
      'aria-haspopup': 'menu',
      'aria-expanded': 'false',
      'aria-controls': id,
    }),
    /** An item that activates an action. */
    item: (given: Menu, key: string): Attributes => menuItem(given, 'menuitem', key),
    /** A checkbox item. */
    checkbox: (given: Menu, key: string): Attributes => checkable(given, 'menuitemcheckbox', key),
    /** A radio item. */
    radio: (given: Menu, key: string): Attributes => checkable(given, 'menuitemradio', key),
    /** A group of items with a name. */
    group: (_: Menu, name: string): Attributes => ({ role: 'group', 'aria-label': name }),
  },
} satisfies Outline<MenuState, MenuChoices>;
