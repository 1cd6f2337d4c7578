// What lists of items share: the item that is current, and selecting one or several by moves and presses. Pure.
import { indexOf, type Item } from '../collection/items.js';
import { isMove, type Move, move, type MoveRules } from '../collection/movement.js';
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
import type { KeyActs } from './contract.js';

/** The states of what selects. */
export interface Selecting {
  /** A key or nothing; where several may be selected, a set of keys. */
  selected: Chosen;
  /** The key of the item that keys act on. */
  current: string | undefined;
}

/**
 * What can be asked of a list: a move, or a move that extends the range; `found` (letters led to an item); `pick` an
 * item alone, `toggle` it, select the `range` up to it, or `all`; and from a program or a command, without going there,
 * `select` it, `deselect` it, `clear` the selection.
 */
export type SelectIntent =
  Move | `extend-${Move}` | 'found' | 'pick' | 'toggle' | 'range' | 'all' | 'select' | 'deselect' | 'clear';

/** The commands of controls; the value of the control is the key of the item. */
export const selectCommands = {
  '--select': 'select',
  '--deselect': 'deselect',
  '--select-all': 'all',
  '--clear': 'clear',
} as const;

/** What the step needs to see of the page. */
export interface SelectingView {
  items: readonly Item[];
  at?: string | undefined;
  current?: string | undefined;
  anchor?: string | undefined;
}

/** How moves go, how many may be selected, and whether moving selects. */
export interface SelectingRules extends MoveRules {
  mode: SelectionMode;
  /** In a single selection, what is current is selected. */
  follows: boolean;
}

/** The move that an intent makes, and whether it extends the range on its way. */
const wayOf = (intent: string): { way: Move | undefined; extends: boolean } => {
  const way = intent.startsWith('extend-') ? intent.slice('extend-'.length) : intent;
  return { way: isMove(way) ? way : undefined, extends: way !== intent };
};

/** True for an intent that goes on from where the range began. */
export const isExtending = (intent: string): boolean =>
  wayOf(intent).extends || intent === 'range' || intent === 'all';

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
  if (isExtending(intent)) return selectRange(before, items, to, mode);
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
  const { way } = wayOf(intent);
  const to = way ? move(items, current, way, rules) : intent === 'all' ? current : at;
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

/** Chords that move, and with Shift extend where several may be selected. */
export function movesBy(moves: Readonly<Record<string, Move>>, multiple: boolean): KeyActs<SelectIntent> {
  if (!multiple) return moves;
  const chords: Record<string, SelectIntent> = { ...moves };
  for (const [key, intent] of Object.entries(moves)) chords[`Shift+${key}`] = `extend-${intent}`;
  return {
    ...chords,
    'Control+Shift+Home': 'extend-first',
    'Control+Shift+End': 'extend-last',
    'Control+a': 'all',
  };
}
