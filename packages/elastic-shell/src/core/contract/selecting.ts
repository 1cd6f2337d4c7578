// The shared parts of lists of items: the current item, and selecting one or several by moves and clicks.
// Pure.
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

/** The states of patterns with a selection. */
export interface Selecting {
  /** A key or undefined or, with several, a set of keys. */
  selected: Chosen;
  /** The key of the current item. */
  current: string | undefined;
}

/**
 * The intents of a list: `go` to an item, go there and `extend` the range, `pick` only that item, `toggle`
 * it, select `all`; and from code or a command, without going there, `select`, `deselect` and `clear`.
 */
export type SelectIntent = 'go' | 'extend' | 'pick' | 'toggle' | 'all' | 'select' | 'deselect' | 'clear';

/** The commands of controls. The value of the control is the key of the item. */
export const selectCommands = {
  '--select': 'select',
  '--deselect': 'deselect',
  '--select-all': 'all',
  '--clear': 'clear',
} as const;

/** The values that the step reads. */
export type SelectingView = Pick<ItemsView, 'items' | 'at' | 'current' | 'anchor'>;

/** How many items may be selected, and whether moving selects. */
export interface SelectingRules {
  mode: SelectionMode;
  /** In a single selection, the current item is selected. */
  follows: boolean;
}

/** Returns true for an intent that keeps the start of the range. */
export const isExtending = (intent: SelectIntent): boolean => intent === 'extend' || intent === 'all';

/** Selects or deselects without going there. */
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

/** Returns the keys after an intent. */
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

/**
 * Applies an intent to the selection.
 *
 * @param state - The present state.
 * @param intent - The intent.
 * @param rules - How many items may be selected, and what the page shows.
 * @returns The next state, or the same object if nothing changes.
 */
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

/** The keys that move through a vertical list. */
export const rowMoves = {
  'block-next': 'next',
  'block-previous': 'previous',
  Home: 'first',
  End: 'last',
  PageDown: 'page-next',
  PageUp: 'page-previous',
} as const;

/**
 * Returns keys that move to an item.
 *
 * @param moves - The moves by chord.
 * @returns The effects of the keys.
 */
export const goBy = (moves: Readonly<Record<string, Move>>): KeyActs<'go'> =>
  Object.fromEntries(Object.entries(moves).map(([key, to]) => [key, { to, then: 'go' }]));

/**
 * Returns keys that move to an item, and extend the range with Shift if several may be selected.
 *
 * @param moves - The moves by chord.
 * @param multiple - Whether several items may be selected.
 * @returns The effects of the keys.
 */
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
