// The menu: items that act, check or open a submenu; opened by a button, or where something is pressed for it.
import { indexOf } from '../collection/items.js';
import { isMove, type Move, move } from '../collection/movement.js';
import { touchedKeys } from '../collection/touched.js';
import type { ContractWithoutRead, KeyActs, View } from './contract.js';
import { isOpenIntent, type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { placeKinds, openKinds } from './options.js';
import { rowMoves } from './selecting.js';

/** What a program calls on it, by name. */
export const menuMethods = ['show', 'close', 'toggle', 'check', 'uncheck'] as const;

/** Its parts, as its notes name them. */
export type MenuPart = 'root' | 'item' | 'opener' | 'separator' | 'group';

/** What changes its state; and what keys ask of an item, of which the pattern makes more than a state. */
export type MenuIntent = OpenIntent | Move | 'found' | 'check' | 'uncheck' | 'turn' | MenuKey;
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
  /** Which items leave the menu open when they are pressed: none, or those that check. Default: `none`. */
  stay?: 'none' | 'checks';
}

/** What the keys mean on an item. */
export const menuKeys: KeyActs<MenuIntent> = {
  ...rowMoves,
  Enter: 'activate',
  Space: 'space',
  'inline-next': 'inward',
  'inline-previous': 'outward',
  Tab: 'leave',
  'Shift+Tab': 'leave',
};

/** `turn`: an item turns over, but one of several of which one may be checked only becomes checked. */
function check(state: MenuState, intent: 'check' | 'uncheck' | 'turn', { at, mates }: View): MenuState {
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
  options: {
    ...openKinds,
    ...placeKinds,
    checked: 'keys or a cell',
    stay: ['none', 'checks'],
    onPick: 'a function',
    context: 'a selector, an element, or a function',
    hoverDelay: 'a number',
  },
  commands: {
    '': 'toggle',
    '--toggle': 'toggle',
    '--open': 'open',
    '--close': 'close',
    '--check': 'check',
    '--uncheck': 'uncheck',
  },
  free: ['current'],
  step(state, intent, view) {
    const { items, at, current } = view;
    if (intent === 'check' || intent === 'uncheck' || intent === 'turn') return check(state, intent, view);
    if (isOpenIntent(intent)) return stepOpenable(state, intent);
    const rules = { ...view.moves, reachDisabled: true };
    const to = isMove(intent) ? move(items, current, intent, rules) : intent === 'found' ? at : undefined;
    return to === state.current || indexOf(items, to) < 0 ? state : { ...state, current: to };
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
