// The combobox: a field and a list to choose from; select-only, with text that filters, of one or of several.
import { indexOf } from '../collection/items.js';
import { isMove, move } from '../collection/movement.js';
import { chosenOf, holds, keysOf } from '../collection/selection.js';
import type { Contract, View } from './contract.js';
import { type Openable, stepOpenable } from './openable.js';
import type { Selecting } from './selecting.js';

export type ComboboxPart =
  'root' | 'field' | 'list' | 'item' | 'popup' | 'tokens' | 'value' | 'status' | 'opener';

export interface ComboboxState extends Openable, Selecting {
  /** What is searched for; empty while nothing is typed. */
  query: string;
  /** What the field says while it is closed: the label of what is selected, or free text. */
  text: string;
}

export interface ComboboxChoices {
  /** Several may be selected; they show as tokens. Default: false. */
  multiple?: boolean;
  /** Text that is no option is kept. Default: false. */
  freeText?: boolean;
  /** How many may be selected at most. Default: any number. */
  limit?: number;
}

/** The vocabulary of its options. */
export const comboboxChoices = { match: ['starts-with', 'contains'] } as const;

const moves = {
  'block-next': 'next',
  'block-previous': 'previous',
  PageDown: 'page-next',
  PageUp: 'page-previous',
};

/** What the keys mean, while it is open or closed, with text to type into or without. */
export function comboboxKeys(open: boolean, hasText: boolean): Record<string, string> {
  if (!open)
    return {
      'block-next': 'open-first',
      'block-previous': 'open-last',
      'Alt+block-next': 'open',
      Escape: 'clear',
      ...(!hasText && { Enter: 'open', Space: 'open', Home: 'open-first', End: 'open-last' }),
    };
  return {
    ...moves,
    'Alt+block-previous': 'close',
    Escape: 'escape',
    Enter: 'enter',
    Tab: 'leave',
    'Shift+Tab': 'leave',
    ...(!hasText && { Home: 'first', End: 'last', Space: 'enter' }),
  };
}

type Box = View<ComboboxChoices>;

/** What closing leaves: no search, and text that tells the truth. */
export function afterClosing(typed: string | undefined, view: Box): Partial<ComboboxState> {
  const { freeText, multiple } = view.options;
  const rest = { query: '', current: undefined };
  if (!freeText || multiple || typed === undefined) return rest;
  const same = view.items?.find(({ label = '' }) => label.toLowerCase() === typed.trim().toLowerCase());
  return { ...rest, selected: same?.key, text: same?.label ?? typed };
}

function pick(state: ComboboxState, key: string, view: Box): ComboboxState {
  const { multiple, limit = Infinity } = view.options;
  const text = view.labelOf?.(key) ?? key;
  if (!multiple) return { ...state, selected: key, text, open: false };
  const keys = new Set(keysOf(state.selected));
  if (!keys.delete(key)) {
    if (keys.size >= limit) return state;
    keys.add(key);
  }
  return { ...state, selected: keys, query: '', current: key };
}

const isEmpty = ({ selected, text }: ComboboxState): boolean => !keysOf(selected).size && !text;

/** Commands, step and semantics of a combobox. What is selected at first the pattern reads. */
export const combobox: Omit<Contract<ComboboxState, ComboboxPart, ComboboxChoices>, 'read'> = {
  name: 'combobox',
  commands: { '': 'toggle', '--toggle': 'toggle', '--open': 'open', '--close': 'close', '--clear': 'clear' },
  step(state, intent, view) {
    const { items = [], at, options } = view;
    const { multiple = false } = options;
    if (intent === 'pick') return at === undefined ? state : pick(state, at, view);
    if (intent === 'found' && !state.open && !multiple) return { ...pick(state, at!, view), open: false };
    if (intent === 'found') return at === state.current ? state : { ...state, current: at };
    if (intent === 'remove') {
      const keys = new Set(keysOf(state.selected));
      return keys.delete(at!) ? { ...state, selected: chosenOf(keys, multiple) } : state;
    }
    if (intent === 'clear')
      return isEmpty(state)
        ? state
        : { ...state, selected: chosenOf(new Set(), multiple), text: '', query: '' };
    if (isMove(intent)) {
      const current = move(items, state.current, intent, view.moves);
      return current === state.current ? state : { ...state, current };
    }
    if (/^open/.test(intent) || (intent === 'toggle' && !state.open)) {
      const chosen = [...keysOf(state.selected)].find((key) => indexOf(items, key) >= 0);
      const current = chosen ?? move(items, undefined, intent.slice(5));
      return { ...state, open: true, current: state.open ? state.current : current };
    }
    return /^(open|close|toggle)$/.test(intent) ? stepOpenable(state, intent) : state;
  },
  semantics: {
    opener: ({ open }, _, intent) =>
      /open|toggle/.test(intent ?? '') ? { 'aria-expanded': `${open}` } : undefined,
    item({ selected }, { options: { limit = Infinity } }, key) {
      const isChosen = holds(selected, key!);
      const isFull = !isChosen && keysOf(selected).size >= limit;
      return { role: 'option', 'aria-selected': `${isChosen}`, ...(isFull && { 'aria-disabled': 'true' }) };
    },
  },
};
