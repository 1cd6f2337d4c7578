// The menubar: items with one tab stop, most of which open a menu.
import { indexOf } from '../collection/items.js';
import type { Contract, KeyActs } from './contract.js';
import { menubarOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const menubarMethods = [] as const;

/** Its parts, as in its notes. */
export type MenubarPart = 'root' | 'item' | 'menu' | 'separator';

/**
 * Its intents. `found`: type-ahead has found an item. `activate` activates it. `first` and `last` open its
 * menu there.
 */
export type MenubarIntent = 'go' | 'activate' | 'first' | 'last';

/** The states of a menubar. */
export interface MenubarState {
  /** The key of the item with the tab stop, or undefined until one has had focus. */
  current: string | undefined;
}

/** The options that its contract reads. */
export interface MenubarChoices {
  /**
   * Specifies which arrow keys move along the bar. The others open menus.
   *
   * @defaultValue `aria-orientation`, or `horizontal`
   * @example { orientation: 'vertical' }
   */
  orientation?: 'horizontal' | 'vertical';
  /**
   * Specifies whether the arrow keys move from the last item to the first, and back.
   *
   * @defaultValue true
   * @example { wrap: false }
   */
  wrap?: boolean;
}

/** The keys of an item. */
export const menubarKeys = ({ orientation }: MenubarChoices): KeyActs<MenubarIntent> => {
  const [along, across] = orientation === 'vertical' ? ['block', 'inline'] : ['inline', 'block'];
  return {
    [`${along}-next`]: { to: 'next' },
    [`${along}-previous`]: { to: 'previous' },
    [`${across}-next`]: 'first',
    [`${across}-previous`]: 'last',
    Home: { to: 'first' },
    End: { to: 'last' },
    Enter: 'activate',
    Space: 'activate',
  };
};

/** The contract of a menubar. */
export const menubar: Contract<MenubarState, MenubarChoices, MenubarIntent> = {
  name: 'menubar',
  options: menubarOptionKinds,
  commands: {},
  free: ['current'],
  read: () => ({ current: undefined }),
  step: (state, intent, { items, at }) =>
    intent !== 'go' || at === state.current || indexOf(items, at) < 0 ? state : { current: at },
  touches: () => [],
  semantics: {
    root: (_, { options, root }) => ({
      ...(!root.hasAttribute('role') && { role: 'menubar' }),
      ...(options.orientation && { 'aria-orientation': options.orientation }),
    }),
  },
};
