// Laws of trees, type-ahead, matching and windowing, against slow and obvious models.
import fc from 'fast-check';
import { checkOf, turnCheck } from '../../src/core/collection/checks';
import { matcher } from '../../src/core/collection/match';
import { move } from '../../src/core/collection/movement';
import {
  filtered,
  nodesOf,
  pruned,
  type TreeNode,
  treeOf,
  turnRow,
  visibleRows,
  wayTo,
  withChildren,
  withoutChildren,
} from '../../src/core/collection/tree';
import { isLetter, pause, typeAhead, typedNothing } from '../../src/core/collection/type-ahead';
import { heights, rowsShown, scrollFor } from '../../src/core/collection/window';

/** Trees of up to 24 nodes, with keys that say their place: each node hangs on an earlier one, or on none. */
const trees = fc.array(fc.nat(), { maxLength: 24 }).map((picks): TreeNode[] => {
  const below: number[][] = picks.map(() => []);
  const roots: number[] = [];
  picks.forEach((pick, at) => (below[(pick % (at + 1)) - 1] ?? roots).push(at));
  const make = (list: number[], above: string): TreeNode[] =>
    list.map((at, place) => {
      const key = `${above}${place}`;
      const children = make(below[at]!, `${key}.`);
      return { key, label: `Node ${key}`, ...(children.length && { children }) };
    });
  return make(roots, '');
});
const allKeys = (nodes: readonly TreeNode[]): string[] =>
  nodes.flatMap((node) => [node.key, ...allKeys((node.children ?? []) as TreeNode[])]);
const keysIn = (rows: readonly TreeNode[]): string[] => rows.map(({ key }) => key);
const withSome = trees.chain((roots) =>
  fc.tuple(fc.constant(roots), fc.subarray(allKeys(roots)), fc.infiniteStream(fc.nat())),
);
/** The obvious model: walk everything. */
const walk = (nodes: readonly TreeNode[], expanded: ReadonlySet<string>): string[] =>
  nodes.flatMap((node) => [
    node.key,
    ...(expanded.has(node.key) ? walk((node.children ?? []) as TreeNode[], expanded) : []),
  ]);

describe('tree', () => {
  it('shows the rows that a walk over everything shows, however branches are turned', () => {
    fc.assert(
      fc.property(withSome, ([roots, some, turns]) => {
        const tree = treeOf(roots);
        const expanded = new Set(some);
        let rows = visibleRows(tree, expanded);
        expect(keysIn(rows)).toEqual(walk(roots, expanded));
        const keys = allKeys(roots);
        for (const turn of turns.take(keys.length ? 6 : 0)) {
          const key = keys[turn % keys.length]!;
          if (!expanded.delete(key)) expanded.add(key);
          rows = turnRow(tree, rows, key, expanded);
          expect(keysIn(rows)).toEqual(walk(roots, expanded));
        }
      }),
    );
  });

  it('knows level, position, set size and the way to each node', () => {
    fc.assert(
      fc.property(trees, (roots) => {
        const tree = treeOf(roots);
        for (const [key, { level, position, size, parent }] of tree.nodes) {
          const places = key.split('.');
          expect([level, position]).toEqual([places.length, Number(places.at(-1)) + 1]);
          const siblings = allKeys(roots).filter((other) => tree.nodes.get(other)!.parent === parent);
          expect(size).toBe(siblings.length);
          expect(wayTo(tree, key)).toEqual(places.slice(1).map((_, at) => places.slice(0, at + 1).join('.')));
        }
      }),
    );
  });

  it('carries checks up and down: a node shows what its leaves say, and turning twice gives all or none', () => {
    fc.assert(
      fc.property(withSome, ([roots, some, turns]) => {
        const tree = treeOf(roots);
        const leaves = allKeys(roots).filter((key) => !tree.nodes.get(key)!.node.children);
        const checked = new Set(some.filter((key) => leaves.includes(key)));
        const keys = allKeys(roots);
        if (!keys.length) return;
        const key = keys[[...turns.take(1)][0]! % keys.length]!;
        const under = leaves.filter((leaf) => leaf === key || leaf.startsWith(`${key}.`));
        const on = under.filter((leaf) => checked.has(leaf)).length;
        const shown = checkOf(tree, checked, key);
        expect(shown).toBe(on === 0 ? 'false' : on === under.length ? 'true' : 'mixed');
        const turned = turnCheck(tree, checked, key);
        // What is counted on the way is what counting afresh gives.
        for (const each of keys)
          expect(checkOf(tree, turned, each)).toBe(checkOf(tree, new Set(turned), each));
        expect(checkOf(tree, turned, key)).toBe(shown === 'true' ? 'false' : 'true');
        expect([...turned].filter((leaf) => !under.includes(leaf))).toEqual(
          [...checked].filter((leaf) => !under.includes(leaf)),
        );
      }),
    );
  });

  it('a filter keeps the matches and what is around them, and nothing else', () => {
    fc.assert(
      fc.property(withSome, ([roots, some]) => {
        const tree = treeOf(roots);
        const wanted = new Set(some.map((key) => `Node ${key}`));
        const kept = filtered(
          tree,
          nodesOf(tree).filter(({ label = '' }) => wanted.has(label)),
        );
        const expected = allKeys(roots).filter((key) =>
          some.some((match) => match === key || match.startsWith(`${key}.`)),
        );
        expect([...kept].sort()).toEqual(expected.sort());
        const left = pruned(tree, kept);
        expect(keysIn(visibleRows(left, kept))).toEqual(allKeys(roots).filter((key) => kept.has(key)));
      }),
    );
  });

  it('takes the children of a lazy branch once, and refuses a key that stands in it twice', () => {
    const tree = treeOf([{ key: 'a', label: 'A', children: [{ key: 'b', label: 'B', children: 'lazy' }] }]);
    const more = withChildren(tree, 'b', [{ key: 'c', label: 'C' }]);
    expect(keysIn(visibleRows(more, new Set(['a', 'b'])))).toEqual(['a', 'b', 'c']);
    expect(withChildren(more, 'b', [])).toBe(more);
    expect(keysIn(visibleRows(tree, new Set(['a', 'b'])))).toEqual(['a', 'b']);
    expect(() => withChildren(tree, 'b', [{ key: 'a', label: 'Again' }])).toThrow(
      'tree node "a" (Again) has a duplicate key',
    );
    const ring: TreeNode = { key: 'ring', label: 'Ring' };
    ring.children = [ring];
    expect(() => treeOf([ring])).toThrow(/has a duplicate key/);
  });
});

describe('a branch that is asked for again', () => {
  const roots: TreeNode[] = [
    { key: 'a', children: [{ key: 'b', children: [{ key: 'c' }] }, { key: 'd' }] },
    { key: 'e', children: [{ key: 'f' }] },
    { key: 'g' },
    { key: 'h', children: 'lazy' },
  ];
  const open = new Set(['a', 'b', 'e', 'h']);

  it('is lazy, knows nothing of what was under it, and leaves the others alone', () => {
    const tree = withoutChildren(treeOf(roots), 'a');
    expect(keysIn(nodesOf(tree)).toSorted()).toEqual(['a', 'e', 'f', 'g', 'h']);
    expect(keysIn(visibleRows(tree, open))).toEqual(['a', 'e', 'f', 'g', 'h']);
    expect(tree.nodes.get('a')).toMatchObject({ level: 1, position: 1, size: 4, node: { children: 'lazy' } });
    expect(tree.roots.map(({ key, children }) => [key, children])).toEqual([
      ['a', 'lazy'],
      ['e', [{ key: 'f' }]],
      ['g', undefined],
      ['h', 'lazy'],
    ]);
  });

  it('takes children again, also such as it had before', () => {
    const tree = withChildren(withoutChildren(treeOf(roots), 'a'), 'a', [{ key: 'c' }]);
    expect(keysIn(visibleRows(tree, open))).toEqual(['a', 'c', 'e', 'f', 'g', 'h']);
    expect(tree.nodes.get('c')).toMatchObject({ parent: 'a', level: 2 });
  });

  it('within another is asked for again there', () => {
    const tree = withoutChildren(treeOf(roots), 'b');
    expect(keysIn(visibleRows(tree, open))).toEqual(['a', 'b', 'd', 'e', 'f', 'g', 'h']);
    expect([tree.nodes.has('c'), tree.nodes.get('b')?.node.children]).toEqual([false, 'lazy']);
  });

  it('is no other tree where there is no branch, or one that is lazy already', () => {
    const tree = treeOf(roots);
    expect(['g', 'h', 'z'].map((key) => withoutChildren(tree, key) === tree)).toEqual([true, true, true]);
  });
});

describe('matching', () => {
  const labels = ['Zürich', 'Straße', 'Ångström', 'école', 'İstanbul', 'e\u0301cole', 'naïve café'];

  it('marks a range that folds to what was typed', () => {
    fc.assert(
      fc.property(fc.constantFrom(...labels), fc.nat(6), fc.nat(6), (label, from, length) => {
        const signs = [...label];
        const typed = signs.slice(from, from + length + 1).join('');
        const range = matcher(typed.toUpperCase())(label) ?? matcher(typed)(label);
        if (!typed) return;
        expect(range).toBeDefined();
        expect(matcher(typed)(label.slice(range!.from, range!.to))).toBeDefined();
      }),
    );
  });

  it.each([
    ['zur', 'starts-with', 'Zürich', { from: 0, to: 3 }],
    ['rich', 'starts-with', 'Zürich', undefined],
    ['rich', 'contains', 'Zürich', { from: 2, to: 6 }],
    ['STRASSE', 'contains', 'Straße', { from: 0, to: 6 }],
    ['e', 'starts-with', 'e\u0301cole', { from: 0, to: 2 }],
    ['', 'contains', 'Anything', { from: 0, to: 0 }],
  ] as const)('%j %s in %j', (query, mode, label, expected) => {
    expect(matcher(query, mode)(label)).toEqual(expected);
  });
});

describe('type-ahead', () => {
  const items = ['Ebb', 'eel', 'Flood', 'École', 'Fleet'].map((label) => ({ key: label, label }));
  /** Types letters so many milliseconds apart; answers where each led. */
  const type = (letters: string, apart: number, from?: string): (string | undefined)[] => {
    let state = typedNothing;
    let at = from;
    return [...letters].map((letter, turn) => {
      const next = typeAhead(state, letter, turn * apart, items, at);
      state = next.state;
      at = next.key ?? at;
      return next.key;
    });
  };

  it('goes on through all that begin with one letter, and finds a word typed in one go', () => {
    expect(type('eeee', 100)).toEqual(['Ebb', 'eel', 'École', 'Ebb']);
    expect(type('fle', 100)).toEqual(['Flood', 'Flood', 'Fleet']);
    expect(type('ec', 100)).toEqual(['Ebb', 'École']);
    expect(type('ef', pause)).toEqual(['Ebb', 'Flood']);
    expect(type('x', 1, 'Ebb')).toEqual([undefined]);
  });

  it('takes one sign for a letter, and a space only within a word', () => {
    const word = { typed: 'a', at: 0 };
    expect([isLetter('a', typedNothing, 0), isLetter('Home', typedNothing, 0)]).toEqual([true, false]);
    expect([isLetter(' ', typedNothing, 0), isLetter(' ', word, 100), isLetter(' ', word, 900)]).toEqual([
      false,
      true,
      false,
    ]);
  });
});

describe('letters, one after the other', () => {
  const items = ['Anker', 'Aachen', 'Boje', 'Aal'].map((label, at) => ({ key: `${at}`, label }));
  /** Where letters lead that are typed with so many milliseconds before each. */
  const type = (typed: string, from?: string, wait = 100): string | undefined => {
    let state = typedNothing;
    let current = from;
    let now = 0;
    for (const letter of typed) {
      const next = typeAhead(state, letter, (now += wait), items, current);
      state = next.state;
      current = next.key ?? current;
    }
    return current;
  };

  it('that are the same go along, unless a word begins with two of them', () => {
    expect([type('a'), type('a', '0'), type('aa', '2'), type('aaa', '2')]).toEqual(['0', '1', '3', '0']);
    expect(type('bb', '0')).toBe('2');
  });

  it('that make a word stay on what fits it; after the pause a new one begins', () => {
    expect([type('an', '2'), type('aal', '0'), type('bo', '2')]).toEqual(['0', '3', '2']);
    expect([type('ab', '3', pause), type('ab', '3', pause - 1)]).toEqual(['2', '0']);
  });

  it('are letters by themselves, and a space only within a word', () => {
    const word = { typed: 'a', at: 1000 };
    expect([
      isLetter('é', typedNothing, 0),
      isLetter('Enter', word, 0),
      isLetter(' ', typedNothing, 0),
    ]).toEqual([true, false, false]);
    expect([isLetter(' ', word, 1000 + pause - 1), isLetter(' ', word, 1000 + pause)]).toEqual([true, false]);
  });
});

describe('what is not in a tree', () => {
  const tree = treeOf([{ key: 'a', children: [{ key: 'b' }] }]);

  it('has no way to it, no box, and is turned without a trace', () => {
    expect(wayTo(tree, 'z')).toEqual([]);
    expect([checkOf(tree, new Set(['z']), 'z'), checkOf(tree, new Set(['z']), 'a')]).toEqual([
      'true',
      'false',
    ]);
    expect([...filtered(tree, [{ key: 'z' }])]).toEqual(['z']);
    expect(turnRow(tree, visibleRows(tree, new Set()), 'z', new Set())).toEqual(visibleRows(tree, new Set()));
  });
});

describe('windowing', () => {
  const sizes = fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 60 });

  it('keeps the sums that adding up every row gives, whatever is measured in which order', () => {
    fc.assert(
      fc.property(sizes, fc.infiniteStream(fc.nat()), (all, order) => {
        const rows = heights(all.length, 20);
        const own = all.map(() => 20);
        for (const turn of order.take(all.length)) {
          const row = turn % all.length;
          expect(rows.measure(row, all[row]!)).toBe(own[row] !== all[row]);
          own[row] = all[row]!;
        }
        const tops = own.map((_, at) => own.slice(0, at).reduce((sum, each) => sum + each, 0));
        expect(own.map((_, at) => rows.top(at))).toEqual(tops);
        expect(rows.total).toBe(own.reduce((sum, each) => sum + each, 0));
        expect(rows.top(all.length)).toBe(rows.total);
        for (const [row, top] of tops.entries()) expect(rows.at(top)).toBe(row);
      }),
    );
  });

  it('shows every row that is in view, and scrolls just far enough to show one', () => {
    fc.assert(
      fc.property(
        sizes,
        fc.nat(2000),
        fc.integer({ min: 60, max: 400 }),
        fc.nat(59),
        (all, scroll, height, pick) => {
          const rows = heights(all.length, 20);
          all.forEach((size, row) => rows.measure(row, size));
          const row = pick % all.length;
          const to = scrollFor(rows, row, scroll, height);
          expect(rows.top(row)).toBeGreaterThanOrEqual(to);
          expect(rows.top(row + 1)).toBeLessThanOrEqual(to + height);
          const shown = rowsShown(rows, to, height, 0);
          expect(shown.from <= row && row < shown.to).toBe(true);
          expect(scrollFor(rows, row, to, height)).toBe(to);
        },
      ),
    );
    expect(rowsShown(heights(0, 20), 0, 100)).toEqual({ from: 0, to: 0 });
  });
});

it('a step in 100,000 items is a step: movement and rows agree', () => {
  const items = Array.from({ length: 100_000 }, (_, at) => ({ key: `${at}` }));
  expect(move(items, '99999', 'next')).toBe('0');
  const rows = heights(items.length, 24);
  expect(rowsShown(rows, 24 * 50_000, 480)).toEqual({ from: 49_996, to: 50_025 });
});
