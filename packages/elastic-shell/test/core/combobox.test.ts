// The contract of the combobox: what is asked, open or closed, of one choice or of several, and what it comes to.
import { comboboxOutline } from '../../src/core/outline/choices';
import {
  afterClosing,
  combobox,
  type ComboboxChoices,
  type ComboboxIntent,
  comboboxKeys,
  type ComboboxState,
  type ComboboxView,
} from '../../src/core/contract/combobox';

const items = [
  { key: 'a', label: 'Anemone' },
  { key: 'b', label: 'Beam' },
  { key: 'c', label: 'Cockle' },
];
const root = { id: 'it', localName: 'div', getAttribute: () => null, hasAttribute: () => false };
const nothing: ComboboxState = { open: false, selected: undefined, query: '', text: '', current: undefined };
const viewOf = (options: ComboboxChoices = {}, at?: string): ComboboxView => ({
  root,
  items,
  options,
  at,
  labelOf: (key) => items.find((item) => item.key === key)?.label ?? '',
});
const step = (
  state: Partial<ComboboxState>,
  intent: ComboboxIntent,
  options: ComboboxChoices = {},
  at?: string,
): ComboboxState => combobox.step({ ...nothing, ...state }, intent, viewOf(options, at));
/** True if the very state that it had is what it comes to. */
const isSame = (
  state: Partial<ComboboxState>,
  intent: ComboboxIntent,
  options: ComboboxChoices = {},
  at?: string,
): boolean => {
  const before = { ...nothing, ...state };
  return combobox.step(before, intent, viewOf(options, at)) === before;
};
const set = (keys: string): ReadonlySet<string> => new Set(keys);

describe('the keys of a closed combobox', () => {
  it('open it from a button also by Enter, Space, Home and End', () => {
    expect(comboboxKeys(false, false)).toMatchObject({
      'block-next': 'open-first',
      'block-previous': 'open-last',
      Enter: 'open',
      Space: 'open',
      Home: 'open-first',
      End: 'open-last',
    });
    expect(Object.keys(comboboxKeys(false, true)).toSorted()).toEqual([
      'Alt+block-next',
      'Escape',
      'block-next',
      'block-previous',
    ]);
  });

  it('leave Space to the text of a field, and give it to a list without one', () => {
    expect([comboboxKeys(true, true)['Space'], comboboxKeys(true, false)['Space']]).toEqual([
      undefined,
      'enter',
    ]);
    expect(comboboxKeys(true, false)['End']).toEqual({ to: 'last', then: 'go' });
  });
});

describe('opening a combobox', () => {
  it('begins where the intent says', () => {
    expect(step({}, 'open-first')).toMatchObject({ open: true, current: 'a' });
    expect(step({}, 'open-last')).toMatchObject({ open: true, current: 'c' });
    expect([step({}, 'open'), step({}, 'toggle')]).toMatchObject([
      { open: true, current: undefined },
      { open: true, current: undefined },
    ]);
  });

  it('begins at what is selected, the first where that is', () => {
    for (const intent of ['open', 'toggle', 'open-first', 'open-last'] as const)
      expect(step({ selected: 'b' }, intent).current).toBe('b');
    expect(step({ selected: 'a' }, 'open-last').current).toBe('a');
    expect(step({ selected: set('zb') }, 'open', { multiple: true }).current).toBe('b');
    expect(step({ selected: 'z' }, 'open-first').current).toBe('a');
  });

  it('leaves the current option alone while it is open, and closes by another toggle', () => {
    expect(step({ open: true, current: 'c' }, 'open-first')).toMatchObject({ open: true, current: 'c' });
    expect(step({ open: true, current: 'c' }, 'toggle').open).toBe(false);
  });
});

describe('choosing in a combobox', () => {
  it('goes along while it is open, and chooses by letters while it is closed', () => {
    expect(step({ open: true }, 'go', {}, 'b')).toMatchObject({
      open: true,
      selected: undefined,
      current: 'b',
    });
    expect(isSame({ open: true, current: 'b' }, 'go', {}, 'b')).toBe(true);
    expect(step({}, 'go', {}, 'b')).toMatchObject({ open: false, selected: 'b', text: 'Beam' });
    expect(step({ selected: set('') }, 'go', { multiple: true }, 'b')).toMatchObject({
      selected: set(''),
      current: 'b',
    });
  });

  it('of one: says its label, or its key where nobody knows one', () => {
    expect(step({ open: true }, 'pick', {}, 'c')).toMatchObject({
      open: false,
      selected: 'c',
      text: 'Cockle',
    });
    const plain = combobox.step(nothing, 'select', { root, items, options: {}, at: 'c' });
    expect(plain).toMatchObject({ selected: 'c', text: 'c' });
  });

  it('of several: turns over what is picked, adds what is selected, and keeps to the limit', () => {
    const several = { multiple: true, limit: 2 };
    expect(step({ open: true, selected: set('a'), query: 'be' }, 'pick', several, 'b')).toMatchObject({
      open: true,
      selected: set('ab'),
      query: '',
      current: 'b',
    });
    expect(step({ selected: set('a') }, 'select', several, 'b').selected).toEqual(set('ab'));
    expect(isSame({ selected: set('a') }, 'select', several, 'a')).toBe(true);
    expect(isSame({ selected: set('ab') }, 'select', several, 'c')).toBe(true);
    expect(isSame({ selected: 'a', text: 'mine' }, 'select', {}, 'a')).toBe(true);
  });

  it('takes a choice back, with its text where there is only one', () => {
    expect(step({ selected: 'a', text: 'Anemone' }, 'deselect', {}, 'a')).toMatchObject({
      selected: undefined,
      text: '',
    });
    expect(step({ selected: set('ab'), text: 'x' }, 'deselect', { multiple: true }, 'a')).toMatchObject({
      selected: set('b'),
      text: 'x',
    });
    expect(isSame({ selected: 'a' }, 'deselect', {}, 'b')).toBe(true);
  });

  it('clears choices, text and search; with nothing to clear it stays as it is', () => {
    const empty = { selected: undefined, text: '', query: '' };
    expect(step({ selected: 'a', text: 'Anemone', query: 'an' }, 'clear')).toMatchObject(empty);
    expect(step({ text: 'An', query: 'an' }, 'clear')).toMatchObject(empty);
    expect(step({ selected: set('ab') }, 'clear', { multiple: true }).selected).toEqual(set(''));
    expect(isSame({}, 'clear')).toBe(true);
  });

  it('stays as it is where it is not said which option is meant', () => {
    for (const intent of ['pick', 'select', 'deselect', 'go'] as const)
      expect(isSame({ open: true, selected: 'a', current: 'b' }, intent)).toBe(true);
  });
});

describe('what closing leaves of typed text', () => {
  it('nothing, unless text of one’s own may stay', () => {
    const rest = { query: '', current: undefined };
    expect(afterClosing('bea', viewOf())).toEqual(rest);
    expect(afterClosing('bea', viewOf({ freeText: true, multiple: true }))).toEqual(rest);
    expect(afterClosing(undefined, viewOf({ freeText: true }))).toEqual(rest);
  });

  it('the option whose label it is, in whatever case and with spaces around it, else the text', () => {
    const free = { freeText: true };
    expect(afterClosing(' bEAM ', viewOf(free))).toMatchObject({ selected: 'b', text: 'Beam' });
    expect(afterClosing('Beam 2', viewOf(free))).toMatchObject({ selected: undefined, text: 'Beam 2' });
    const unnamed = { ...viewOf(free), items: [{ key: 'x' }] };
    expect(afterClosing('Beam', unnamed)).toMatchObject({ selected: undefined, text: 'Beam' });
  });
});

describe('what the parts of a combobox say', () => {
  it('openers say whether it is open, and no other control does', () => {
    const says = (intent: ComboboxIntent, open: boolean) =>
      combobox.semantics.opener!({ ...nothing, open }, viewOf(), intent);
    expect([says('open', true), says('toggle', false), says('clear', true)]).toEqual([
      { 'aria-expanded': 'true' },
      { 'aria-expanded': 'false' },
      undefined,
    ]);
  });

  it('options that can no longer be chosen say so', () => {
    const says = (key: string, limit?: number) =>
      combobox.semantics.item!(
        { ...nothing, selected: set('ab') },
        viewOf({ multiple: true, ...(limit && { limit }) }),
        key,
      );
    expect(says('a', 2)).toEqual({ role: 'option', 'aria-selected': 'true' });
    expect(says('c', 2)).toEqual({ role: 'option', 'aria-selected': 'false', 'aria-disabled': 'true' });
    expect([says('c', 3), says('c')]).toEqual([
      { role: 'option', 'aria-selected': 'false' },
      { role: 'option', 'aria-selected': 'false' },
    ]);
  });
});

it('the field says the label of what is selected before there is a page, also of a key that is not among the options', () => {
  const field = (selected: string): unknown =>
    comboboxOutline.single.field({
      id: 'c',
      state: { ...nothing, selected },
      options: { labelOf: (key) => `The ${key}` },
      items: [{ key: 'tern', label: 'Tern' }],
    })['value'];
  expect([field('tern'), field('heron')]).toEqual(['Tern', 'The heron']);
});
