// The combobox: a field and a list of options, with or without a text field, for one or several selected
// options.
import { indexOf } from '../collection/items.js';
import { type Move, move } from '../collection/movement.js';
import { chosenOf, holds, keysOf, touchedChosen } from '../collection/selection.js';
import { given } from '../collection/touched.js';
import type { ContractWithoutRead, ItemsView, KeyActs } from './contract.js';
import { isOpenIntent, type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { comboboxOptionKinds } from './option-kinds.js';
import { goBy, type Selecting } from './selecting.js';

/** The names of its methods. */
export const comboboxMethods = ['show', 'close', 'toggle', 'select', 'deselect', 'clear'] as const;

/** Its parts, as in its notes. */
export type ComboboxPart =
  'root' | 'field' | 'list' | 'item' | 'popup' | 'tokens' | 'value' | 'status' | 'opener';

/**
 * Its intents. `open-first` and `open-last` also specify the current option. `pick` is a selection by the
 * user, and `select` one by code or a command.
 */
export type ComboboxIntent =
  OpenIntent | 'open-first' | 'open-last' | 'pick' | 'go' | 'select' | 'deselect' | 'clear' | ComboboxKey;
/** Keys that the pattern handles itself: Enter, Escape and Tab. */
export type ComboboxKey = 'enter' | 'escape' | 'leave';

/** The states of a combobox. */
export interface ComboboxState extends Openable, Selecting {
  /** The search text, which is empty while nothing is typed. */
  query: string;
  /** The text of the field while it is closed: the label of the selected option, or free text. */
  text: string;
}

/** The options that its contract reads. */
export interface ComboboxChoices {
  /**
   * Specifies whether several options can be selected. They are shown as tokens, and the list stays open.
   *
   * @defaultValue false
   * @example { multiple: true }
   */
  multiple?: boolean;
  /**
   * Specifies whether text that matches no option is kept.
   *
   * @defaultValue false
   * @example { freeText: true }
   */
  freeText?: boolean;
  /**
   * Limits the number of selected options.
   *
   * @defaultValue unlimited
   * @example { limit: 3 }
   */
  limit?: number;
  /**
   * Returns the label of a selected key that isn't among the options.
   *
   * @defaultValue the key
   * @example { labelOf: (key) => nameOfBoat(key) }
   */
  labelOf?(key: string): string;
}

const moves = {
  'block-next': 'next',
  'block-previous': 'previous',
  PageDown: 'page-next',
  PageUp: 'page-previous',
} as const;

const closedKeys: KeyActs<ComboboxIntent> = {
  'block-next': 'open-first',
  'block-previous': 'open-last',
  'Alt+block-next': 'open',
  Escape: 'clear',
};
const openKeys: KeyActs<ComboboxIntent> = {
  ...goBy(moves),
  'Alt+block-previous': 'close',
  Escape: 'escape',
  Enter: 'enter',
  Tab: 'leave',
  'Shift+Tab': 'leave',
};

/** The keys, for an open or closed list, with or without a text field. */
export function comboboxKeys(open: boolean, hasText: boolean): KeyActs<ComboboxIntent> {
  if (!open)
    return {
      ...closedKeys,
      ...(!hasText && { Enter: 'open', Space: 'open', Home: 'open-first', End: 'open-last' }),
    };
  return { ...openKeys, ...(!hasText && { ...goBy({ Home: 'first', End: 'last' }), Space: 'enter' }) };
}

/** The values that a combobox reads from the page. */
export interface ComboboxView extends ItemsView<ComboboxChoices> {
  /** Returns the label of an option, visible or not. */
  readonly labelOf?: (key: string) => string;
}

/** The state after closing: no search text, and the text of the selection. */
export function afterClosing(typed: string | undefined, view: ComboboxView): Partial<ComboboxState> {
  const { freeText, multiple } = view.options;
  const rest = { query: '', current: undefined };
  if (!freeText || multiple || typed === undefined) return rest;
  const same = view.items.find(({ label = '' }) => label.toLowerCase() === typed.trim().toLowerCase());
  return { ...rest, selected: same?.key, text: same?.label ?? typed };
}

const isFull = ({ selected }: ComboboxState, { limit = Infinity }: ComboboxChoices): boolean =>
  keysOf(selected).size >= limit;

/** A selection by the user: a single one closes the list, and with several it toggles the option. */
function pick(state: ComboboxState, key: string, view: ComboboxView): ComboboxState {
  if (!view.options.multiple) return { ...selectOne(state, key, view), open: false };
  const keys = new Set(keysOf(state.selected));
  if (!keys.delete(key)) {
    if (isFull(state, view.options)) return state;
    keys.add(key);
  }
  return { ...state, selected: keys, query: '', current: key };
}

const selectOne = (state: ComboboxState, key: string, { labelOf }: ComboboxView): ComboboxState => ({
  ...state,
  selected: key,
  text: labelOf?.(key) ?? key,
});

/** A selection by code: the option is selected in any case, and the list stays as it is. */
function select(state: ComboboxState, key: string, view: ComboboxView): ComboboxState {
  if (holds(state.selected, key)) return state;
  if (!view.options.multiple) return selectOne(state, key, view);
  if (isFull(state, view.options)) return state;
  return { ...state, selected: new Set([...keysOf(state.selected), key]) };
}

function deselect(state: ComboboxState, key: string, multiple: boolean): ComboboxState {
  const keys = new Set(keysOf(state.selected));
  if (!keys.delete(key)) return state;
  return { ...state, selected: chosenOf(keys, multiple), ...(!multiple && { text: '' }) };
}

const clear = (state: ComboboxState, multiple: boolean): ComboboxState =>
  keysOf(state.selected).size || state.text
    ? { ...state, selected: chosenOf(new Set(), multiple), text: '', query: '' }
    : state;

/** Opens it at the selected option, or where the intent specifies. */
function open(state: ComboboxState, begin: Move | undefined, { items }: ComboboxView): ComboboxState {
  const chosen = [...keysOf(state.selected)].find((key) => indexOf(items, key) >= 0);
  const current = chosen ?? (begin && move(items, undefined, begin));
  return { ...state, open: true, current: state.open ? state.current : current };
}

function step(state: ComboboxState, intent: ComboboxIntent, view: ComboboxView): ComboboxState {
  const { at, options } = view;
  const { multiple = false } = options;
  if (intent === 'clear') return clear(state, multiple);
  if (intent === 'open-first' || intent === 'open-last')
    return open(state, intent === 'open-first' ? 'first' : 'last', view);
  if (intent === 'open' || (intent === 'toggle' && !state.open)) return open(state, undefined, view);
  if (isOpenIntent(intent)) return stepOpenable(state, intent);
  if (at === undefined) return state;
  if (intent === 'pick') return pick(state, at, view);
  if (intent === 'select') return select(state, at, view);
  if (intent === 'deselect') return deselect(state, at, multiple);
  if (intent !== 'go') return state;
  // Letters typed on a closed list select, as in a native select.
  if (!state.open && !multiple) return pick(state, at, view);
  return at === state.current ? state : { ...state, current: at };
}

/** The commands, step and semantics of a combobox. The pattern reads the initial selection. */
export const combobox: ContractWithoutRead<ComboboxState, ComboboxChoices, ComboboxIntent> = {
  name: 'combobox',
  fixed: ['items', 'multiple', 'required', 'name', 'renderToken'],
  options: comboboxOptionKinds,
  commands: {
    '': 'toggle',
    '--toggle': 'toggle',
    '--open': 'open',
    '--close': 'close',
    '--select': 'select',
    '--deselect': 'deselect',
    '--clear': 'clear',
  },
  free: ['current', 'query'],
  step,
  touches(before, after, { options }) {
    if (isFull(before, options) !== isFull(after, options)) return undefined;
    return [...touchedChosen(before.selected, after.selected), ...given(before.current, after.current)];
  },
  semantics: {
    root: () => ({ 'data-wired': 'combobox' }),
    opener: ({ open: isOpen }, _, intent) =>
      intent === 'open' || intent === 'toggle' ? { 'aria-expanded': `${isOpen}` } : undefined,
    item(state, { options }, key) {
      const isChosen = holds(state.selected, key);
      return {
        role: 'option',
        'aria-selected': `${isChosen}`,
        ...(!isChosen && isFull(state, options) && { 'aria-disabled': 'true' }),
      };
    },
  },
};
