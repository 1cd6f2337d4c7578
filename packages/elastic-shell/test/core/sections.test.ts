// The contracts of the accordion and of the carousel, and moves by a page: what is asked, what it comes to, and what the parts say.
import { move, isByPage } from '../../src/core/collection/movement';
import { accordion, accordionKeys, type AccordionChoices } from '../../src/core/contract/accordion';
import { carousel, type CarouselChoices, type CarouselIntent } from '../../src/core/contract/carousel';
import type { ItemsView, View } from '../../src/core/contract/contract';

const itemsOf = (keys: string) => [...keys].map((key) => ({ key }));
const rootOf = (localName: string, role?: string): View['root'] => ({
  id: 'it',
  localName,
  getAttribute: (name) => (name === 'role' ? (role ?? null) : null),
  hasAttribute: (name) => name === 'role' && role !== undefined,
});
const viewOf = <O>(keys: string, options: O, more: Partial<ItemsView<O>> = {}): ItemsView<O> => ({
  root: rootOf('div'),
  items: itemsOf(keys),
  options,
  ...more,
});
const set = (keys: string): ReadonlySet<string> => new Set(keys);

describe('the carousel contract', () => {
  const step = (
    intent: CarouselIntent,
    selected: string | undefined,
    options: CarouselChoices = {},
    at?: string,
  ) => carousel.step({ selected, rotating: false }, intent, viewOf('abc', options, { at })).selected;
  const opener = (intent: CarouselIntent, selected: string, wrap?: boolean) =>
    carousel.semantics.opener!(
      { selected, rotating: true },
      viewOf('abc', wrap === undefined ? {} : { wrap }),
      intent,
    );

  it('turns, stops, and turns again', () => {
    const state = { selected: 'a', rotating: false };
    const turning = carousel.step(state, 'rotate', viewOf('abc', {}));
    expect(turning).toEqual({ selected: 'a', rotating: true });
    expect(carousel.step(turning, 'rotate', viewOf('abc', {}))).toEqual(state);
  });

  it('goes along the slides, round the end unless it may not, and to one that there is', () => {
    expect([step('next', 'a'), step('next', 'c'), step('previous', 'a'), step('last', 'a')]).toEqual([
      'b',
      'a',
      'c',
      'c',
    ]);
    expect([step('next', 'c', { wrap: false }), step('previous', 'a', { wrap: false })]).toEqual(['c', 'a']);
    expect([step('select', 'a', {}, 'c'), step('select', 'a', {}, 'z'), step('select', 'a')]).toEqual([
      'c',
      'a',
      'a',
    ]);
  });

  it('is the state that it was where nothing changes', () => {
    const state = { selected: 'a', rotating: false };
    expect(carousel.step(state, 'select', viewOf('abc', {}, { at: 'a' }))).toBe(state);
    expect(carousel.step(state, 'first', viewOf('abc', {}))).toBe(state);
  });

  it('names itself a carousel, and a group where it is neither a section nor anything else', () => {
    const root = (localName: string, role?: string) =>
      carousel.semantics.root!(
        { selected: 'a', rotating: false },
        { ...viewOf('a', {}), root: rootOf(localName, role) },
      );
    expect(root('div')).toEqual({ 'aria-roledescription': 'carousel', role: 'group' });
    expect(root('section')).toEqual({ 'aria-roledescription': 'carousel' });
    expect(root('div', 'region')).toEqual({ 'aria-roledescription': 'carousel' });
  });

  it('has its controls say when there is no further to go, and whether it turns', () => {
    const over = { 'aria-disabled': 'true' };
    expect([opener('next', 'c', false), opener('last', 'c', false)]).toEqual([over, over]);
    expect([opener('previous', 'a', false), opener('first', 'a', false)]).toEqual([over, over]);
    expect([opener('next', 'a', false), opener('previous', 'c', false), opener('next', 'b', false)]).toEqual([
      {},
      {},
      {},
    ]);
    expect([opener('select', 'a', false), opener('select', 'c', false)]).toEqual([{}, {}]);
    expect([opener('next', 'c'), opener('next', 'c', true)]).toEqual([{}, {}]);
    expect(opener('rotate', 'a')).toEqual({ 'data-rotating': 'true' });
    const none = { ...viewOf('', { wrap: false }) };
    expect(carousel.semantics.opener!({ selected: 'a', rotating: false }, none, 'next')).toEqual({});
  });
});

describe('the accordion contract', () => {
  const correct = (now: string, before: string, options: AccordionChoices, keys = 'abc') =>
    [
      ...accordion.correct!({ expanded: set(now) }, viewOf(keys, options), { expanded: set(before) })
        .expanded,
    ].join('');
  const item = (open: string, key: string, options: AccordionChoices = {}, native = false) =>
    accordion.semantics.item!({ expanded: set(open) }, viewOf('abc', options, { native }), key);
  const panel = (open: string, key: string, keys: string, more: Partial<ItemsView<object>> = {}) =>
    accordion.semantics.panel!({ expanded: set(open) }, viewOf(keys, {}, more), key);

  it('leaves no more open than may be: what was opened last stays', () => {
    expect(correct('ab', 'a', { exclusive: true })).toBe('b');
    expect(correct('ab', 'ab', { exclusive: true })).toBe('a');
    expect(correct('ab', 'a', {})).toBe('ab');
    expect(correct('', 'a', {})).toBe('');
    expect(correct('', 'a', { keepOne: true })).not.toBe('');
    expect(correct('a', 'a', { keepOne: true, exclusive: true })).toBe('a');
    expect(correct('', '', { keepOne: true }, '')).toBe('');
  });

  it('keeps the state itself where nothing has to be corrected, or nothing changes', () => {
    const state = { expanded: set('a') };
    for (const options of [{}, { exclusive: true }, { keepOne: true }])
      expect(accordion.correct!(state, viewOf('abc', options), { expanded: set('') })).toBe(state);
    expect(accordion.step(state, 'expand', viewOf('abc', {}, { at: 'a' }))).toBe(state);
    const [...all] = accordion.step(state, 'expand', viewOf('abc', {})).expanded;
    expect(all).toEqual(['a', 'b', 'c']);
  });

  it('opens the section in which the browser has found something', () => {
    const { expanded } = accordion.step(
      { expanded: set('a') },
      'found',
      viewOf('abc', { exclusive: false }, { at: 'c' }),
    );
    expect([...expanded]).toEqual(['a', 'c']);
  });

  it('touches what changes, and the one that is or was held open', () => {
    const touched = (before: string, after: string, options: AccordionChoices) =>
      [
        ...accordion.touches!({ expanded: set(before) }, { expanded: set(after) }, viewOf('abc', options))!,
      ].toSorted();
    expect(touched('a', 'ab', {})).toEqual(['b']);
    expect([...new Set(touched('a', 'ab', { keepOne: true }))]).toEqual(['a', 'b']);
    expect([...new Set(touched('abc', 'ab', { keepOne: true }))]).toEqual(['c']);
    expect([...new Set(touched('ab', 'b', { keepOne: true }))]).toEqual(['a', 'b']);
  });

  it('has each header say how its section stands, and that the last may not be closed', () => {
    expect(item('a', 'a')).toEqual({ 'aria-expanded': 'true' });
    expect(item('a', 'b')).toEqual({ 'aria-expanded': 'false' });
    expect(item('a', 'a', { keepOne: true })).toEqual({ 'aria-expanded': 'true', 'aria-disabled': 'true' });
    expect(item('ab', 'a', { keepOne: true })).toEqual({ 'aria-expanded': 'true' });
    // A <summary> says it by itself.
    expect(item('a', 'a', {}, true)).toEqual({});
    expect(accordion.semantics.root!({ expanded: set('') }, viewOf('a', {}))).toEqual({
      'data-wired': 'accordion',
    });
  });

  it('has up to six panels be regions with the names of their headers, and each be findable while closed', () => {
    const named = { labelledBy: 'h' };
    expect(panel('a', 'a', 'abcdef', named)).toEqual({
      hidden: null,
      role: 'region',
      'aria-labelledby': 'h',
    });
    expect(panel('a', 'b', 'abcdef')).toEqual({
      hidden: 'until-found',
      role: 'region',
      'aria-labelledby': null,
    });
    expect(panel('a', 'b', 'abcdefg', named)).toEqual({ hidden: 'until-found' });
    expect([panel('a', 'a', 'ab', { native: true }), panel('a', 'b', 'ab', { native: true })]).toEqual([
      { open: '' },
      { open: null },
    ]);
  });

  it('has keys only where they are asked for', () => {
    expect(accordionKeys({})).toEqual({});
    expect(accordionKeys({ arrows: true })).toMatchObject({
      'block-next': { to: 'next' },
      'block-previous': { to: 'previous' },
      Home: { to: 'first' },
      End: { to: 'last' },
    });
  });
});

describe('moves by a page', () => {
  const go = (from: string | undefined, intent: 'page-next' | 'page-previous', page?: number) =>
    move(itemsOf('abcdefghijkl'), from, intent, page ? { page } : {});
  const some = (from: string, intent: 'page-next' | 'page-previous') =>
    move(
      [...'abcdef'].map((key) => ({ key, disabled: 'def'.includes(key) || key === 'a' })),
      from,
      intent,
      { page: 3 },
    );

  it('go by what is in view, ten where nothing is said, and no further than the ends', () => {
    expect([go('a', 'page-next', 3), go('f', 'page-previous', 3)]).toEqual(['d', 'c']);
    expect([go('a', 'page-next'), go('l', 'page-previous')]).toEqual(['k', 'b']);
    expect([go('j', 'page-next'), go('c', 'page-previous')]).toEqual(['l', 'a']);
    expect([go('l', 'page-next'), go('a', 'page-previous')]).toEqual(['l', 'a']);
  });

  it('end on the last that can be reached before a place that cannot', () => {
    expect([some('b', 'page-next'), some('c', 'page-previous')]).toEqual(['c', 'b']);
    expect([some('c', 'page-next'), some('b', 'page-previous')]).toEqual(['c', 'b']);
  });

  it('are told from the others', () => {
    expect((['page-next', 'page-previous', 'next', 'last'] as const).map(isByPage)).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
});
