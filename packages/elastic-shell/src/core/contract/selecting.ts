// What lists of items share: the item that is current, and selecting one or several by moves and presses. Pure.
import { indexOf, type Item } from '../collection/items.js';
import { isMove, move, type MoveRules } from '../collection/movement.js';
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

export interface Selecting {
  /** A key or nothing; where several may be selected, a set of keys. */
  selected: Chosen;
  /** The key of the item that keys act on. */
  current: string | undefined;
}

export interface SelectingView {
  items?: readonly Item[];
  at?: string | undefined;
  current?: string | undefined;
  anchor?: string | undefined;
}

export interface SelectingRules extends MoveRules {
  mode: SelectionMode;
  /** In a single selection, what is current is selected. */
  follows: boolean;
}

/** What an intent does to the keys: in or out, a range, all, one alone, or nothing. */
const choose = (
  intent: string,
  before: Selection,
  items: readonly Item[],
  to: string,
  { mode, follows }: SelectingRules,
): Selection => {
  if (intent === 'all') return selectAll(before, items, mode);
  if (intent === 'range' || intent.startsWith('extend-')) return selectRange(before, items, to, mode);
  if (intent === 'toggle') return selectToggle(before, items, to, mode);
  const only = intent === 'pick' || (follows && mode === 'single');
  return only ? selectOnly(before, items, to, mode) : before;
};

/**
 * The state after a move (`next`, `page-next`, …), the same extending a range (`extend-next`, …), `found` (letters
 * led to `at`), `pick`, `toggle` and `range` (on `at`) or `all`. The same state when nothing changes.
 */
export function stepSelecting<S extends Selecting>(
  state: S,
  intent: string,
  { items = [], at, current, anchor }: SelectingView,
  rules: SelectingRules,
): S {
  const way = intent.replace('extend-', '');
  const to = isMove(way) ? move(items, current, way, rules) : intent === 'all' ? current : at;
  if (to === undefined || indexOf(items, to) < 0) return state;
  const before: Selection = { keys: keysOf(state.selected), anchor: anchor ?? current };
  const { keys } = choose(intent, before, items, to, rules);
  const selected = keys === before.keys ? state.selected : chosenOf(keys, rules.mode === 'multiple');
  return to === state.current && selected === state.selected ? state : { ...state, selected, current: to };
}

/** The item that keeps the one tab stop: the current one, else the first that is selected, else the first. */
export const stopOf = (
  { selected, current }: Partial<Selecting>,
  items: readonly Item[],
): string | undefined => {
  const wanted = [current, ...keysOf(selected)].find((key) => indexOf(items, key) >= 0);
  return wanted ?? items.find((item) => !item.disabled)?.key ?? items[0]?.key;
};

/** The keys that go through rows, one under the other. */
export const rowMoves = {
  'block-next': 'next',
  'block-previous': 'previous',
  Home: 'first',
  End: 'last',
  PageDown: 'page-next',
  PageUp: 'page-previous',
};

/** Chords that move, and with Shift extend where several may be selected. */
export const movesBy = (
  moves: Readonly<Record<string, string>>,
  multiple: boolean,
): Record<string, string> => {
  const chords: Record<string, string> = { ...moves };
  if (!multiple) return chords;
  for (const [key, intent] of Object.entries(moves)) chords[`Shift+${key}`] = `extend-${intent}`;
  return {
    ...chords,
    'Control+Shift+Home': 'extend-first',
    'Control+Shift+End': 'extend-last',
    'Control+a': 'all',
  };
};
