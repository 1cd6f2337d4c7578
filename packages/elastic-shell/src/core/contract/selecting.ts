// What lists of items share: the item that is current, and selecting one or several by moves and presses. Pure.
import { indexOf, type Item } from '../collection/items.js';
import type { Move } from '../collection/movement.js';
import {
  type Chosen,
  chosenOf,
  keysOf,
  selectAll,
  type Selection,
  type SelectionMode,
  selectOnly,
  selectRange,
  selectToggle,
} from '../collection/selection.js';
import type { ItemsView, KeyActs, MoveAct } from './contract.js';

/** The states of what selects. */
export interface Selecting {
  /** A key or nothing; where several may be selected, a set of keys. */
  selected: Chosen;
  /** The key of the item that keys act on. */
  current: string | undefined;
}

/**
 * What can be asked of a list: to `go` to an item; to go there and `extend` the range up to it; to `pick` an item alone, to `toggle`
 * it, or to select `all`; and from a program or a command, without going there, to `select` it, to `deselect` it, or to `clear` the
 * selection.
 */
export type SelectIntent = 'go' | 'extend' | 'pick' | 'toggle' | 'all' | 'select' | 'deselect' | 'clear';

/** The commands of controls; the value of the control is the key of the item. */
export const selectCommands = {
  '--select': 'select',
  '--deselect': 'deselect',
  '--select-all': 'all',
  '--clear': 'clear',
} as const;

/** What the step needs to see of the page. */
export type SelectingView = Pick<ItemsView, 'items' | 'at' | 'current' | 'anchor'>;

/** How many may be selected, and whether moving selects. */
export interface SelectingRules {
  mode: SelectionMode;
  /** In a single selection, what is current is selected. */
  follows: boolean;
}

/** True for an intent that keeps the place where a range began. */
export const isExtending = (intent: SelectIntent): boolean => intent === 'extend' || intent === 'all';

/** Selected or not, without going there. */
const selectFromAfar = <S extends Selecting>(
  state: S,
  intent: 'select' | 'deselect' | 'clear',
  key: string | undefined,
  { mode }: SelectingRules,
): S => {
  const before = keysOf(state.selected);
  const isIn = key !== undefined && before.has(key);
  if (intent === 'clear' ? !before.size : key === undefined || isIn === (intent === 'select')) return state;
  const kept = intent === 'clear' || mode !== 'multiple' ? [] : [...before].filter((other) => other !== key);
  const next = intent === 'select' && key !== undefined ? [...kept, key] : kept;
  return { ...state, selected: chosenOf(new Set(next), mode === 'multiple') };
};

/** What an intent does to the keys: in or out, a range, all, one alone, or nothing. */
const choose = (
  intent: SelectIntent,
  before: Selection,
  items: readonly Item[],
  to: string,
  { mode, follows }: SelectingRules,
): Selection => {
  if (intent === 'all') return selectAll(before, items, mode);
  if (intent === 'extend') return selectRange(before, items, to, mode);
  if (intent === 'toggle') return selectToggle(before, items, to, mode);
  const only = intent === 'pick' || (follows && mode === 'single');
  return only ? selectOnly(before, items, to, mode) : before;
};

/** The state after an intent; the same state when nothing changes. */
export function stepSelecting<S extends Selecting>(
  state: S,
  intent: SelectIntent,
  { items, at, current, anchor }: SelectingView,
  rules: SelectingRules,
): S {
  if (intent === 'select' || intent === 'deselect' || intent === 'clear')
    return selectFromAfar(state, intent, at, rules);
  const to = intent === 'all' ? current : at;
  if (intent !== 'all' && (to === undefined || indexOf(items, to) < 0)) return state;
  const before: Selection = { keys: keysOf(state.selected), anchor: anchor ?? current };
  const { keys } = choose(intent, before, items, to ?? '', rules);
  const selected = keys === before.keys ? state.selected : chosenOf(keys, rules.mode === 'multiple');
  return to === state.current && selected === state.selected ? state : { ...state, selected, current: to };
}

/** The keys that go through rows, one under the other. */
export const rowMoves = {
  'block-next': 'next',
  'block-previous': 'previous',
  Home: 'first',
  End: 'last',
  PageDown: 'page-next',
  PageUp: 'page-previous',
} as const;

/** Keys that go to an item, as `moves` says. */
export const goBy = (moves: Readonly<Record<string, Move>>): KeyActs<'go'> =>
  Object.fromEntries(Object.entries(moves).map(([key, to]) => [key, { to, then: 'go' }]));

/** Keys that go to an item, and with Shift extend the range if several may be selected. */
export function movesBy(moves: Readonly<Record<string, Move>>, multiple: boolean): KeyActs<SelectIntent> {
  if (!multiple) return goBy(moves);
  const extend = (to: Move): MoveAct<'extend'> => ({ to, then: 'extend' });
  return {
    ...goBy(moves),
    ...Object.fromEntries(Object.entries(moves).map(([key, to]) => [`Shift+${key}`, extend(to)])),
    'Control+Shift+Home': extend('first'),
    'Control+Shift+End': extend('last'),
    'Control+a': 'all',
  };
}
