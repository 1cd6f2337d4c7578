// The menu: items that act, check or open a submenu; opened by a button, or where something is pressed for it.
import { indexOf } from '../collection/items.js';
import { touchedKeys } from '../collection/touched.js';
import type { ContractWithoutRead, ItemsView, KeyActs } from './contract.js';
import { isOpenIntent, type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { menuOptionKinds } from './option-kinds.js';
import { goBy, rowMoves } from './selecting.js';

/** What a program calls on it, by name. */
export const menuMethods = ['show', 'close', 'toggle', 'check', 'uncheck'] as const;

/** Its parts, as its notes name them. */
export type MenuPart = 'root' | 'item' | 'opener' | 'separator' | 'group';

/** What changes its state; and what keys ask of an item, of which the pattern makes more than a state. */
export type MenuIntent = OpenIntent | 'go' | 'check' | 'uncheck' | 'turn' | MenuKey;
/** `activate` and `space` press the item, `inward` opens its submenu, `outward` closes this one, `leave` all. */
export type MenuKey = 'activate' | 'space' | 'inward' | 'outward' | 'leave';

/** The states of a menu. */
export interface MenuState extends Openable {
  /** The keys of the checked items. */
  checked: ReadonlySet<string>;
  /** The key of the item that keys act on. */
  current: string | undefined;
}

/** The options that its contract knows. */
export interface MenuChoices {
  /**
   * Specifies which items keep the menu open when they are activated: none, or checkbox and radio items
   * (`checks`). In the markup of an item: `data-stay`.
   *
   * @defaultValue `none`
   * @example { stay: 'checks' }
   */
  stay?: 'none' | 'checks';
}

/** What the keys mean on an item. */
export const menuKeys: KeyActs<MenuIntent> = {
  ...goBy(rowMoves),
  Enter: 'activate',
  Space: 'space',
  'inline-next': 'inward',
  'inline-previous': 'outward',
  Tab: 'leave',
  'Shift+Tab': 'leave',
};

/** What a menu reads of the page. */
export interface MenuView extends ItemsView<MenuChoices> {
  /** The keys of which only one may be checked, where an item is one of several such. */
  readonly mates?: (key: string) => readonly string[] | undefined;
}

/** `turn`: an item turns over, but one of several of which one may be checked only becomes checked. */
function check(state: MenuState, intent: 'check' | 'uncheck' | 'turn', { at, mates }: MenuView): MenuState {
  if (at === undefined) return state;
  const others = mates?.(at);
  const isChecked = state.checked.has(at);
  const becomes = intent === 'turn' ? !!others || !isChecked : intent === 'check';
  if (becomes === isChecked) return state;
  const checked = new Set([...state.checked].filter((key) => key !== at && !others?.includes(key)));
  if (becomes) checked.add(at);
  return { ...state, checked };
}

/** Commands, step and semantics of a menu. Whether it is shown only the platform knows: the pattern reads it. */
export const menu: ContractWithoutRead<MenuState, MenuChoices, MenuIntent> = {
  name: 'menu',
  fixed: ['context', 'hoverDelay'],
  options: menuOptionKinds,
  commands: {
    '': 'toggle',
    '--toggle': 'toggle',
    '--open': 'open',
    '--close': 'close',
    'toggle-popover': 'toggle',
    'show-popover': 'open',
    'hide-popover': 'close',
    '--check': 'check',
    '--uncheck': 'uncheck',
  },
  free: ['current'],
  step(state, intent, view: MenuView) {
    const { items, at } = view;
    if (intent === 'check' || intent === 'uncheck' || intent === 'turn') return check(state, intent, view);
    if (isOpenIntent(intent)) return stepOpenable(state, intent);
    return intent !== 'go' || at === state.current || indexOf(items, at) < 0
      ? state
      : { ...state, current: at };
  },
  touches: (before, after) => touchedKeys(before.checked, after.checked),
  semantics: {
    root: () => ({ 'data-wired': 'menu' }),
    opener: ({ open }, { root }, intent) =>
      intent === 'close'
        ? undefined
        : { 'aria-haspopup': 'menu', 'aria-expanded': `${open}`, 'aria-controls': root.id },
  },
};
