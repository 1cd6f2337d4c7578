// Laws of the contracts of lists: one current item, true selections, checks that agree, and aim at a submenu.
import fc from 'fast-check';
import { checkOf } from '../../src/core/collection/checks';
import { indexOf, type Item, tabStop } from '../../src/core/collection/items';
import { move } from '../../src/core/collection/movement';
import { chosenOf, keysOf } from '../../src/core/collection/selection';
import { treeOf, visibleRows } from '../../src/core/collection/tree';
import { comboboxNotes } from '../../src/core/contract/combobox-notes';
import { combobox, type ComboboxState, comboboxKeys } from '../../src/core/contract/combobox';
import type { KeyAct, KeyActs, Notes, View } from '../../src/core/contract/contract';
import { listboxNotes } from '../../src/core/contract/listbox-notes';
import { listbox, listboxKeys } from '../../src/core/contract/listbox';
import { menuNotes } from '../../src/core/contract/menu-notes';
import { menu, menuKeys } from '../../src/core/contract/menu';
import type { Selecting } from '../../src/core/contract/selecting';
import { treeNotes } from '../../src/core/contract/tree-notes';
import { tree, treeKeys, type TreeState } from '../../src/core/contract/tree';
import { isInSafeTriangle } from '../../src/core/layers/safe-triangle';

const root = { id: 'it', localName: 'div', getAttribute: () => null, hasAttribute: () => false };
const items: Item[] = [...'abcdefgh'].map((key, at) => ({ key, label: key, disabled: at % 3 === 2 }));
const anyKey = fc.constantFrom(...items.map(({ key }) => key), 'none');

/** What a key asks, and the key of the item that it is about unless it goes to another. */
type Wish = [KeyAct, string];

/** Plays what keys ask on a state; `seen` hears each state that comes of it. */
function play<S extends { current: string | undefined }>(
  contract: { step(state: S, intent: string, view: View<never>): S },
  first: S,
  wishes: readonly Wish[],
  view: () => Partial<View>,
  seen: (state: S, before: S, act: Wish[0], at: string | undefined) => void,
): void {
  let state = first;
  for (const [act, key] of wishes) {
    const shown = view().items ?? items;
    const isMove = typeof act !== 'string';
    const at = isMove
      ? move(shown, state.current, act.to, { wrap: false, reachDisabled: 'tree' in view() })
      : key;
    const intent = isMove ? act.then! : act;
    const next = contract.step(state, intent, {
      root,
      options: {},
      items,
      current: state.current,
      ...view(),
      at,
    } as never);
    seen(next, state, act, at);
    state = next;
  }
}
const wishesFor = (keys: KeyActs): fc.Arbitrary<Wish[]> =>
  fc.array(fc.tuple(fc.constantFrom(...Object.values(keys), 'go', 'pick', 'extend'), anyKey));

describe.each([
  ['single', false],
  ['multiple', true],
])('a listbox, %s', (_, multiple) => {
  it('has one tab stop, never selects what is disabled, and answers with the same state when nothing changes', () => {
    const empty: Selecting = { selected: chosenOf(new Set(), multiple), current: undefined };
    fc.assert(
      fc.property(wishesFor(listboxKeys({ multiple })), (wishes) =>
        play(
          listbox as never,
          empty,
          wishes,
          () => ({ options: { multiple } }),
          (state, before, act, at) => {
            if (typeof act !== 'string') expect(state.current).toBe(at);
            const keys = [...keysOf(state.selected)];
            expect(multiple || keys.length <= 1).toBe(true);
            for (const key of keys)
              expect(items.find((item) => item.key === key)).toMatchObject({ disabled: false });
            const stop = tabStop(items, [state.current, ...keysOf(state.selected)], true);
            expect(indexOf(items, stop!)).toBeGreaterThanOrEqual(0);
            if (state.current === before.current && state.selected === before.selected)
              expect(state).toBe(before);
          },
        ),
      ),
    );
  });
});

describe('a tree', () => {
  const all = treeOf([
    {
      key: 'a',
      label: 'a',
      children: [
        {
          key: 'b',
          label: 'b',
          children: [
            { key: 'c', label: 'c' },
            { key: 'd', label: 'd', disabled: true },
          ],
        },
        { key: 'e', label: 'e' },
      ],
    },
    { key: 'f', label: 'f', children: 'lazy' },
    { key: 'g', label: 'g' },
  ]);

  it.each(['none', 'single', 'multiple', 'checks'] as const)(
    'with selection %s stays on rows that show, checks only leaves, and selects only where it may',
    (selection) => {
      const options = {
        none: { selectable: false },
        single: {},
        multiple: { multiple: true },
        checks: { checks: true },
      }[selection];
      const first: TreeState = {
        expanded: new Set(),
        selected: chosenOf(new Set(), selection === 'multiple'),
        checked: new Set(),
        current: 'a',
        query: '',
      };
      let rows = visibleRows(all, first.expanded);
      fc.assert(
        fc.property(wishesFor({ ...treeKeys(options), press: 'press', turn: 'toggle-branch' }), (wishes) => {
          rows = visibleRows(all, first.expanded);
          play(
            tree as never,
            first,
            wishes.filter(([, key]) => all.nodes.has(key)),
            () => ({ options, tree: all, items: rows }),
            (state) => {
              rows = visibleRows(all, state.expanded);
              for (const key of state.checked)
                expect(all.nodes.get(key)!.node.children ?? 'lazy').toBe('lazy');
              expect(state.checked.has('d')).toBe(false);
              expect(checkOf(all, state.checked, 'b')).toBe(state.checked.has('c') ? 'true' : 'false');
              if (selection !== 'multiple' && selection !== 'single')
                expect(keysOf(state.selected).size).toBe(0);
            },
          );
        }),
      );
    },
  );
});

describe('a menu', () => {
  it('keeps one of its radio items checked, and turns the others over', () => {
    const view = {
      root,
      options: {},
      items,
      mates: (key: string) => ('ab'.includes(key) ? ['a', 'b'] : undefined),
    };
    const check = (checked: string[], at: string): string =>
      [
        ...menu.step({ open: true, checked: new Set(checked), current: undefined }, 'turn', { ...view, at })
          .checked,
      ].join('');
    const state = { open: true, checked: new Set(['a']), current: undefined };
    expect(menu.step(state, 'turn', { ...view, at: 'a' })).toBe(state);
    expect([check(['a'], 'b'), check(['a'], 'a'), check(['a', 'd'], 'd'), check(['a'], 'd')]).toEqual([
      'b',
      'a',
      'a',
      'ad',
    ]);
  });
});

describe('a combobox', () => {
  const closed: ComboboxState = { open: false, selected: undefined, query: '', text: '', current: undefined };

  it('closes with what is picked and says its label; of several it keeps to the limit', () => {
    const view = { root, items, labelOf: (key: string) => key.toUpperCase() };
    expect(combobox.step({ ...closed, open: true }, 'pick', { ...view, options: {}, at: 'b' })).toMatchObject(
      {
        open: false,
        selected: 'b',
        text: 'B',
      },
    );
    const several = { ...closed, open: true, selected: new Set(['a', 'b']) };
    const options = { multiple: true, limit: 2 };
    expect(combobox.step(several, 'pick', { ...view, options, at: 'd' })).toBe(several);
    expect(combobox.step(several, 'pick', { ...view, options, at: 'a' }).selected).toEqual(new Set(['b']));
  });

  it('moves only while it is open, and Home and End are the caret’s where there is text', () => {
    expect(comboboxKeys(true, true)['Home']).toBeUndefined();
    expect(comboboxKeys(true, false)['Home']).toEqual({ to: 'first', then: 'go' });
    expect(Object.values(comboboxKeys(false, true)).every((act) => typeof act === 'string')).toBe(true);
  });
});

describe.each([
  [listboxNotes, listboxKeys({ multiple: true, layout: 'grid' })],
  [treeNotes, treeKeys({ multiple: true })],
  [menuNotes, menuKeys],
  [comboboxNotes, { ...comboboxKeys(true, false), ...comboboxKeys(false, true) }],
] as [Notes, Record<string, string>][])('the notes of a list, %#', (notes, keys) => {
  it('name every key that the contract acts on, by parts that there are', () => {
    const arrows: Record<string, string> = {
      'block-next': 'ArrowDown',
      'block-previous': 'ArrowUp',
      'inline-next': 'ArrowRight',
      'inline-previous': 'ArrowLeft',
    };
    const said = new Set(notes.keys.map(({ key }) => key));
    for (const chord of Object.keys(keys)) {
      const [key] = chord.split('+').slice(-1) as [string];
      const name = arrows[key] ?? key;
      const held = chord.slice(0, chord.length - key.length);
      expect([said.has(held + name) || said.has(name) || said.has('Shift+Arrow'), chord]).toEqual([
        true,
        chord,
      ]);
    }
    for (const { on, does } of notes.keys) {
      expect(Object.keys(notes.parts)).toContain(on);
      expect(does).toMatch(/^\p{Lu}/u);
    }
  });
});

it('a pointer is on the way as long as it stays between where it left and the side that faces it', () => {
  const target = { x: 100, y: 0, width: 50, height: 200 };
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 90 }),
      fc.integer({ min: -50, max: 250 }),
      fc.integer({ min: 0, max: 200 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (x, y, end, part) => {
        const at = { x: x + (100 - x) * part, y: y + (end - y) * part };
        expect(isInSafeTriangle({ x, y }, at, target)).toBe(true);
        expect(isInSafeTriangle({ x, y }, { x: x - 5 - part, y: at.y }, target)).toBe(false);
      },
    ),
  );
  expect(isInSafeTriangle({ x: 120, y: -10 }, { x: 120, y: 5 }, target)).toBe(false);
});
