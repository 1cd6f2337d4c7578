// Laws of searching: whatever was looked for before, and however often it pauses, a search finds what a plain look finds.
import fc from 'fast-check';
import type { Item } from '../../src/core/collection/items';
import { matcher } from '../../src/core/collection/match';
import { prepareLabels, type Search, searchIn } from '../../src/core/collection/search';

const word = fc.stringMatching(/^[aAbBéßΣ]{0,4}$/);
const words = fc.array(word, { maxLength: 600 });
const mode = fc.constantFrom('contains' as const, 'starts-with' as const);
const itemsOf = (labels: readonly string[]): Item[] => labels.map((label, at) => ({ key: `${at}`, label }));

it('finds what each label alone would answer, from any search before it', () => {
  fc.assert(
    fc.property(words, mode, fc.array(word, { minLength: 1, maxLength: 4 }), (labels, match, typed) => {
      const items = itemsOf(labels);
      let before: Search<Item> | undefined;
      // Each goes on the one before, as typing does; the last begins anew.
      for (const query of [...typed.map((_, at) => typed.slice(0, at + 1).join('')), typed.at(-1)!]) {
        const search = searchIn(items, query, match, undefined, before);
        expect(search.go()).toBe(true);
        expect(search.found()).toEqual(items.filter(({ label }) => matcher(query, match)(label!)));
        before = search;
      }
    }),
    { numRuns: 60 },
  );
});

it('pauses where it is told to, and goes on from there', () => {
  const items = itemsOf(Array.from({ length: 2000 }, (_, at) => `Item ${at}`));
  const search = searchIn(items, '9', 'contains');
  let pauses = 0;
  while (!search.go(() => true)) pauses++;
  expect(pauses).toBeGreaterThan(3);
  expect(search.isDone).toBe(true);
  expect(search.places).toEqual(items.flatMap(({ label }, at) => (label!.includes('9') ? [at] : [])));
  // One that has not looked at all is no ground for another.
  const half = searchIn(items, '1', 'contains');
  half.go(() => true);
  const next = searchIn(items, '19', 'contains', undefined, half);
  next.go();
  expect(next.places.length).toBeGreaterThan(half.places.length / 10);
  expect(next.found().at(-1)?.label).toBe('Item 1999');
});

it('reads each label once, however often it is searched, and ahead where it is asked to', () => {
  let reads = 0;
  const items = Array.from({ length: 1000 }, (_, at) => ({
    key: `${at}`,
    get label() {
      reads++;
      return `Item ${at}`;
    },
  }));
  expect(prepareLabels(items, undefined, () => reads >= 300)).toBe(false);
  expect(reads).toBeLessThan(600);
  expect(prepareLabels(items, undefined, () => false)).toBe(true);
  for (const query of ['i', 'it', 'item 7', '7']) searchIn(items, query, 'contains').go();
  expect(reads).toBe(1000);
});

it('asks a function of one’s own about every item, and about those alone', () => {
  const items = itemsOf(['a', 'b', 'c']);
  const search = searchIn(
    items,
    'x',
    (label, query, { key }) => query === 'x' && label !== 'b' && key !== '2',
  );
  search.go();
  expect(search.found()).toEqual([items[0]]);
});
