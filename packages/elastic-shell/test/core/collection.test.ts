// Laws of collections: movement, selection and expansion, over anything that fast-check thinks of.
import fc from 'fast-check';
import { expand, heed } from '../../src/core/collection/expansion';
import { type Item, neighbour, tabStop } from '../../src/core/collection/items';
import { move } from '../../src/core/collection/movement';
import {
  keysIn,
  selectAll,
  type Selection,
  selectOnly,
  selectRange,
  selectToggle,
} from '../../src/core/collection/selection';

const keys = [...'abcdefgh'];
const lists = fc
  .subarray(keys)
  .chain((some) =>
    fc
      .array(fc.boolean(), { minLength: some.length, maxLength: some.length })
      .map((flags) => some.map((key, at): Item => ({ key, disabled: flags[at]! }))),
  );
const anyKey = fc.option(fc.constantFrom(...keys), { nil: undefined });
const moves = fc.constantFrom('next', 'previous', 'first', 'last', 'up', 'down', 'pick');
const rules = fc.record({ wrap: fc.boolean(), columns: fc.integer({ min: 1, max: 3 }) });
const modes = fc.constantFrom('none' as const, 'single' as const, 'multiple' as const);
const isOpen = (items: readonly Item[], key: string | undefined): boolean =>
  items.some((item) => item.key === key && !item.disabled);

describe('movement', () => {
  it('lands only on what can be reached, or stays', () => {
    fc.assert(
      fc.property(lists, anyKey, moves, rules, (items, from, intent, options) => {
        const to = move(items, from, intent, options);
        expect(to === from || isOpen(items, to)).toBe(true);
      }),
    );
  });

  it('goes round all that can be reached, and back by the same way', () => {
    fc.assert(
      fc.property(lists, (items) => {
        const reach = items.filter((item) => !item.disabled).map((item) => item.key);
        if (!reach.length) return;
        let at = move(items, undefined, 'first');
        const seen = reach.map(() => {
          const was = at;
          at = move(items, at, 'next');
          return was;
        });
        expect(seen).toEqual(reach);
        expect(at).toBe(reach[0]);
        expect(reach.every((key) => move(items, move(items, key, 'next'), 'previous') === key)).toBe(true);
      }),
    );
  });

  it('stops at the ends when it does not wrap, and reaches the disabled when told to', () => {
    const items = [{ key: 'a' }, { key: 'b', disabled: true }, { key: 'c' }];
    expect(move(items, 'c', 'next', { wrap: false })).toBe('c');
    expect(move(items, 'a', 'next')).toBe('c');
    expect(move(items, 'a', 'next', { reachDisabled: true })).toBe('b');
  });

  it('goes by rows in a grid and keeps its column', () => {
    const items = keys.map((key) => ({ key }));
    expect(['down', 'up'].map((intent) => move(items, 'e', intent, { columns: 3 }))).toEqual(['h', 'b']);
    expect(move(items, 'g', 'down', { columns: 3 })).toBe('g');
  });

  it('leaves one tab stop, always, where anything can be reached', () => {
    fc.assert(
      fc.property(lists, anyKey, (items, wanted) => {
        const stop = tabStop(items, [wanted]);
        expect(stop === undefined).toBe(items.every((item) => item.disabled));
        if (isOpen(items, wanted)) expect(stop).toBe(wanted);
      }),
    );
  });

  it('goes to the neighbour of what has gone: what follows, else what comes before', () => {
    const items = [{ key: 'a' }, { key: 'b', disabled: true }, { key: 'c' }];
    expect([0, 1, 3, -1].map((at) => neighbour(items, at))).toEqual(['a', 'c', 'c', 'a']);
    expect(neighbour([{ key: 'x', disabled: true }], 0)).toBeUndefined();
  });
});

describe('selection', () => {
  const acts = fc.constantFrom(selectOnly, selectToggle, selectRange);
  const run = (
    items: readonly Item[],
    mode: 'none' | 'single' | 'multiple',
    turns: [typeof selectOnly, string][],
  ) =>
    turns.reduce<Selection>((selection, [act, key]) => act(selection, items, key, mode), { keys: new Set() });

  it('is never more than its mode allows, nor anything disabled', () => {
    fc.assert(
      fc.property(lists, modes, fc.array(fc.tuple(acts, fc.constantFrom(...keys))), (items, mode, turns) => {
        const { keys: chosen } = run(items, mode, turns);
        expect(chosen.size).toBeLessThanOrEqual({ none: 0, single: 1, multiple: items.length }[mode]);
        expect([...chosen].every((key) => isOpen(items, key))).toBe(true);
      }),
    );
  });

  it('gives the same object back when nothing changes', () => {
    fc.assert(
      fc.property(lists, modes, acts, fc.constantFrom(...keys), (items, mode, act, key) => {
        const once = act({ keys: new Set() }, items, key, mode);
        if (act !== selectToggle) expect(act(once, items, key, mode)).toBe(once);
        const all = selectAll(once, items, mode);
        expect(selectAll(all, items, mode)).toBe(all);
      }),
    );
  });

  it('extends from its anchor both ways', () => {
    const items = keys.map((key) => ({ key, disabled: key === 'd' }));
    const start = selectOnly({ keys: new Set() }, items, 'c', 'multiple');
    const forward = selectRange(start, items, 'f', 'multiple');
    expect([...forward.keys]).toEqual(['c', 'e', 'f']);
    expect([...selectRange(forward, items, 'a', 'multiple').keys]).toEqual(['a', 'b', 'c']);
  });
});

describe('selection, act by act', () => {
  const items = keys.map((key) => ({ key, disabled: key === 'd' }));
  const nothing: Selection = { keys: new Set() };
  const chosen = ({ keys: some }: Selection): string => [...some].join('');

  it('turns one over: out if it is in, beside the others where several may be, in their place where not', () => {
    const one = selectToggle(nothing, items, 'a', 'single');
    expect([chosen(one), chosen(selectToggle(one, items, 'b', 'single'))]).toEqual(['a', 'b']);
    const two = selectToggle(selectToggle(nothing, items, 'a', 'multiple'), items, 'b', 'multiple');
    expect([chosen(two), chosen(selectToggle(two, items, 'a', 'multiple'))]).toEqual(['ab', 'b']);
    expect(selectToggle(two, items, 'd', 'multiple')).toBe(two);
    expect(selectToggle(two, items, 'a', 'none')).toBe(two);
    expect(two.anchor).toBe('b');
  });

  it('takes all that can be taken, where several may be', () => {
    expect(chosen(selectAll(nothing, items, 'multiple'))).toBe('abcefgh');
    const one = selectOnly(nothing, items, 'a', 'single');
    expect([selectAll(one, items, 'single'), selectAll(nothing, items, 'none')]).toEqual([one, nothing]);
  });

  it('takes one alone where a range has no beginning, or may not be', () => {
    expect(chosen(selectRange(nothing, items, 'c', 'multiple'))).toBe('c');
    const first = selectOnly(nothing, items, 'a', 'multiple');
    expect(chosen(selectRange(first, items, 'c', 'multiple'))).toBe('abc');
    expect(chosen(selectRange(first, items, 'c', 'single'))).toBe('c');
    expect(selectRange(first, items, 'z', 'multiple')).toBe(first);
    expect(selectRange({ keys: first.keys, anchor: 'z' }, items, 'b', 'multiple')).toEqual({
      keys: new Set(['b']),
      anchor: 'b',
    });
  });

  it('says of another beginning of a range that it is another selection', () => {
    const one = selectOnly(nothing, items, 'a', 'multiple');
    const moved = selectOnly({ ...one, anchor: 'b' }, items, 'a', 'multiple');
    expect([moved.anchor, moved.keys === one.keys]).toEqual(['a', true]);
  });

  it('reads keys from a text with any spaces between them', () => {
    expect([keysIn('  a \n b  c'), keysIn(''), keysIn(new Set(['x y']))]).toEqual([
      ['a', 'b', 'c'],
      [],
      ['x y'],
    ]);
  });
});

describe('movement from nowhere', () => {
  const items = keys.map((key) => ({ key }));

  it('begins at the first going on and at the last going back', () => {
    for (const wrap of [true, false])
      expect([
        move(items, undefined, 'next', { wrap }),
        move(items, undefined, 'previous', { wrap }),
      ]).toEqual(['a', 'h']);
    expect(move(items, undefined, 'down', { columns: 1, wrap: false })).toBe('a');
    expect([move([], undefined, 'next'), move([], 'a', 'previous')]).toEqual([undefined, 'a']);
  });
});

describe('expansion', () => {
  const flags = fc.record({ exclusive: fc.boolean(), keepOne: fc.boolean() });
  const turns = fc.array(fc.tuple(fc.constantFrom(...keys), fc.boolean()));

  it('keeps to its rules whatever is opened and closed', () => {
    fc.assert(
      fc.property(flags, turns, (options, all) => {
        let expanded = heed(new Set<string>(), keys, options);
        for (const [key, open] of all) {
          const next = expand(expanded, key, open, options);
          if (options.exclusive) expect(next.size).toBeLessThanOrEqual(1);
          if (options.keepOne) expect(next.size).toBeGreaterThanOrEqual(1);
          if (open) expect(next.has(key)).toBe(true);
          expect(expand(next, key, open, options)).toBe(next);
          expanded = next;
        }
        expect(heed(expanded, keys, options)).toBe(expanded);
      }),
    );
  });
});
