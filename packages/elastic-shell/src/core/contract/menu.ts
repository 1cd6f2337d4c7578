// The menu: items that act, are checked or open a submenu. A button opens it, or it is a context menu.
import { indexOf } from '../collection/items.js';
import { touchedKeys } from '../collection/touched.js';
import type { ContractWithoutRead, ItemsView, KeyActs } from './contract.js';
import { isOpenIntent, type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { menuOptionKinds } from './option-kinds.js';
import { goBy, rowMoves } from './selecting.js';

/** The names of its methods. */
export const menuMethods = ['show', 'close', 'toggle', 'check', 'uncheck'] as const;

/** Its parts, as in its notes. */
export type MenuPart = 'root' | 'item' | 'opener' | 'separator' | 'group';

/** Intents that change its state, and intents of keys that the pattern handles itself. */
export type MenuIntent = OpenIntent | 'go' | 'check' | 'uncheck' | 'turn' | MenuKey;
/**
 * `activate` and `space` activate the item, `inward` opens its submenu, `outward` closes this menu, `leave`
 * closes all.
 */
export type MenuKey = 'activate' | 'space' | 'inward' | 'outward' | 'leave';

/** The states of a menu. */
export interface MenuState extends Openable {
  /** The keys of the checked items. */
  checked: ReadonlySet<string>;
  /** The key of the current item. */
  current: string | undefined;
}

/** The options that its contract reads. */
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

/** The keys of an item. */
export const menuKeys: KeyActs<MenuIntent> = {
  ...goBy(rowMoves),
  Enter: 'activate',
  Space: 'space',
  'inline-next': 'inward',
  'inline-previous': 'outward',
  Tab: 'leave',
  'Shift+Tab': 'leave',
};

/** The values that a menu reads from the page. */
export interface MenuView extends ItemsView<MenuChoices> {
  /** The keys of a radio group, if an item is in one. */
  readonly mates?: (key: string) => readonly string[] | undefined;
}

/** `turn`: toggles an item, or checks it if it is in a radio group. */
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

/**
 * The commands, step and semantics of a menu. Only the platform knows whether it is visible, so the pattern
 * reads it.
 */
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
