// The combobox: a field and a list to choose from; select-only, with text that filters, of one or of several.
import { indexOf } from '../collection/items.js';
import { isMove, move } from '../collection/movement.js';
import { chosenOf, holds, keysOf } from '../collection/selection.js';
import type { Contract, Notes, View } from './contract.js';
import { guardOption, onChangeOption, openOption, type Openable, stepOpenable } from './openable.js';
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
    if (/^open-/.test(intent)) {
      const chosen = [...keysOf(state.selected)].find((key) => indexOf(items, key) >= 0);
      const current = chosen ?? move(items, undefined, intent.slice(5));
      return { ...state, open: true, current };
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

export const comboboxNotes: Notes<ComboboxPart> = {
  name: 'combobox',
  says: 'A field and a list to choose from: pressed open, or searched by typing; for one or for several.',
  standard: 'WAI-ARIA Authoring Practices, Combobox',
  parts: {
    root: {
      is: 'the element that holds the field and the list',
      required: true,
      why: 'It is what is wired, and what commands name.',
    },
    field: {
      is: 'role="combobox", named: an <input> to type into, or a <button> to choose only. In the popup: a search box, opened by a <button> with aria-haspopup',
      required: true,
      why: 'It keeps focus, and names the current option by aria-activedescendant.',
    },
    popup: {
      is: 'the element with popover="manual" around the list',
      required: true,
      why: 'It goes to the top layer where it stands, beside the field.',
    },
    list: { is: 'role="listbox" in it', required: true, why: 'It holds the options.' },
    item: {
      is: 'role="option" in the list; its key is data-key, else id, else its place. Or made from the option items',
      required: true,
      why: 'Its [data-label], else its words, are its name; its [data-description] follows.',
    },
    tokens: {
      is: '[data-tokens], else made before the field',
      required: false,
      why: 'With multiple, it holds what is selected as buttons that remove it.',
    },
    value: {
      is: '[data-value] in a <button> field',
      required: false,
      why: 'It shows the label of what is selected.',
    },
    status: {
      is: 'role="status"',
      required: false,
      why: 'Counts and changes are said there; one is made where there is none.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root: --toggle, --open, --close or --clear',
      required: false,
      why: 'For an arrow beside the field, and a cross.',
    },
  },
  keys: [
    {
      on: 'field',
      key: 'ArrowDown',
      does: 'Opens the list at what is selected, else the first; goes to the next option; wraps',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'ArrowUp',
      does: 'Opens the list at the last; goes to the previous option; wraps',
      by: 'engine',
    },
    { on: 'field', key: 'Alt+ArrowDown', does: 'Opens the list', by: 'engine' },
    { on: 'field', key: 'Alt+ArrowUp', does: 'Closes the list', by: 'engine' },
    { on: 'field', key: 'Enter', does: 'Selects the current option; a closed button opens', by: 'engine' },
    { on: 'field', key: 'Space', does: 'On a button: opens, and selects the current option', by: 'engine' },
    { on: 'field', key: 'Escape', does: 'Closes the list; then clears', by: 'engine' },
    {
      on: 'field',
      key: 'Home',
      does: 'In text moves the caret; on a button goes to the first option',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'End',
      does: 'In text moves the caret; on a button goes to the last option',
      by: 'engine',
    },
    { on: 'field', key: 'PageDown', does: 'Goes on by what is in view', by: 'engine' },
    { on: 'field', key: 'PageUp', does: 'Goes back by what is in view', by: 'engine' },
    {
      on: 'field',
      key: 'letters',
      does: 'In text search; on a button lead to the option that begins with them',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'Tab',
      does: 'Closes and goes on; on a button selects the current option first',
      by: 'engine',
    },
    { on: 'field', key: 'Backspace', does: 'In an empty field goes to the last token', by: 'engine' },
    { on: 'tokens', key: 'ArrowLeft', does: 'Goes to the token before', by: 'engine' },
    {
      on: 'tokens',
      key: 'ArrowRight',
      does: 'Goes to the token after, and from the last to the field',
      by: 'engine',
    },
    { on: 'tokens', key: 'Home', does: 'Goes to the first token', by: 'engine' },
    { on: 'tokens', key: 'End', does: 'Goes to the field', by: 'engine' },
    { on: 'tokens', key: 'Delete', does: 'Removes the token', by: 'engine' },
    { on: 'tokens', key: 'Backspace', does: 'Removes the token', by: 'engine' },
  ],
  presses: [
    { on: 'field', does: 'Opens the list; on a button a second press closes it' },
    { on: 'item', does: 'Selects the option; of several, takes it in or out' },
    { on: 'tokens', does: 'Removes the token' },
    { on: 'outside', does: 'Closes the list' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: 'aria-expanded on the field; :popover-open on the popup',
    },
    {
      name: 'selected',
      type: 'a key or undefined; with multiple, a set of keys',
      first: 'the options with aria-selected="true"',
      shown: 'aria-selected on options; the field, or tokens',
    },
    { name: 'query', type: 'text', first: 'empty', shown: 'the options that match; emptied when it closes' },
    {
      name: 'text',
      type: 'text',
      first: 'the label of what is selected',
      shown: 'the field while it is closed',
    },
    {
      name: 'current',
      type: 'a key, or undefined',
      first: 'undefined',
      shown: 'aria-activedescendant on the field, data-current on the option',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  options: [
    openOption,
    {
      name: 'selected',
      values: 'a key, keys or a cell',
      default: 'as the markup shows',
      does: 'The first state, or a cell that is followed both ways.',
    },
    {
      name: 'items',
      values: 'a list, a cell, or a function of (query, signal)',
      default: 'none: the markup holds them',
      does: 'Options as data; a function may answer with a promise, and only its latest answer counts.',
    },
    {
      name: 'delay',
      values: 'milliseconds',
      default: '200',
      does: 'How long typing rests before such a function is asked.',
    },
    {
      name: 'match',
      values: 'starts-with, contains or a function',
      default: 'contains',
      does: 'How what is typed finds an option, whatever its case and accents.',
    },
    {
      name: 'multiple',
      values: 'true, false',
      default: 'false',
      does: 'Whether several may be selected; they show as tokens, and the list stays open.',
    },
    { name: 'limit', values: 'a number', default: 'none', does: 'How many may be selected.' },
    {
      name: 'freeText',
      values: 'true, false',
      default: 'false',
      does: 'Whether text that is no option is kept.',
    },
    {
      name: 'create',
      values: 'function',
      default: 'none',
      does: 'Makes an option of what was typed, at once or by a promise: the list offers to add it.',
    },
    {
      name: 'labelOf',
      values: 'function',
      default: 'none',
      does: 'The label of a key that no option at hand has.',
    },
    {
      name: 'render',
      values: 'function',
      default: 'the label, and the description',
      does: 'Makes what stands in an option.',
    },
    {
      name: 'name',
      values: 'text',
      default: 'the attribute data-name of the root',
      does: 'The name under which the selected keys, or the free text, are sent with a form.',
    },
    {
      name: 'required',
      values: 'true, false',
      default: 'as the field says',
      does: 'Whether a form can be sent with nothing selected.',
    },
    {
      name: 'area, gap, padding, fit',
      values: 'as for a popover',
      default: 'block-end span-inline-end, 4, 8, anchor',
      does: 'Where the list stands.',
    },
    {
      name: 'messages',
      values: 'functions',
      default: 'English',
      does: 'The words: count, none, add, added, removed, full, remove, chosen, loading, failed, retry, required.',
    },
    guardOption,
    onChangeOption,
  ],
  owes: [
    'Closing restores the label of what is selected, or keeps free text; the search is always emptied.',
    'The label is the name of an option, the description follows it; the match is marked as the highlight shell-match.',
    'Options that are fetched: what stood there stays until the answer comes; a failure says so and can be tried again.',
    'The count of matches is announced politely in the plural forms of the page’s language; that there is none also shows.',
    'Each token that comes or goes is announced; the last one that may come says so.',
    'It takes part in forms: values, required, reset.',
  ],
};
