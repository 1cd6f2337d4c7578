// The outline of the menubar.
import type { Attributes } from '../contract/contract.js';
import { menubar as contract, type MenubarChoices, type MenubarState } from '../contract/menubar.js';
import { type Given, type Outline, rootOf, stopAt } from './outline.js';

type Menubar = Given<MenubarState, MenubarChoices>;

/** The parts of a menubar. Spread `root`, and `item(key)` onto each button, before the `opener()` of the menu that it opens. */
export const menubarOutline = {
  name: contract.name,
  first: { current: undefined },
  firstItem: { state: 'current', parts: ['item'] },
  single: {
    /** The bar. */
    root: (given: Menubar): Attributes => ({ ...rootOf(contract.semantics, given), role: 'menubar' }),
    /** A separator between items. */
    separator: (_: Menubar): Attributes => ({ role: 'separator' }),
  },
  each: {
    /** An item of the bar. */
    item: (given: Menubar, key: string): Attributes => ({
      type: 'button',
      role: 'menuitem',
      'data-key': key,
      ...stopAt(given, key, [given.state.current]),
    }),
  },
} satisfies Outline<MenubarState, MenubarChoices>;
