// Finds pages of the site by their words. The page and the test of the search use the same functions.
import MiniSearch from 'minisearch';

/** A page or a section of one, as the search index has it. */
export interface Indexed {
  id: number;
  /** Its address from the root of the site. */
  route: string;
  title: string;
  /** Its first sentence. */
  says: string;
  /** Words that people search for and that the page may not contain. */
  keywords: string;
  words: string;
}

/** A result of the search. */
export type Result = Pick<Indexed, 'route' | 'title' | 'says'>;

/** How much pages of a part count. Guides and patterns come before internal types and long tables. */
const weights: [RegExp, number][] = [
  [/^reference\/command-line\//, 1],
  [/^reference\/names\//, 0.5],
  [/^reference\//, 0.15],
  [/^diagnostics\//, 0.4],
  [/^(changelog|guides\/architecture|support\/(quality|rows|heard|spoken|settings))\//, 0.25],
];

function weightOf(route: string): number {
  const weight = weights.find(([pattern]) => pattern.test(route))?.[1] ?? 1;
  // A page comes before its own sections.
  return route.includes('#') ? weight : weight * 1.5;
}

/** Builds the index of the search. */
export function indexOf(all: readonly Indexed[]): MiniSearch<Indexed> {
  const index = new MiniSearch<Indexed>({
    fields: ['title', 'keywords', 'words'],
    storeFields: ['route', 'title', 'says'],
    searchOptions: {
      boost: { title: 5, keywords: 6 },
      prefix: (term) => term.length > 2,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      boostDocument: (_, __, stored) => weightOf(String(stored?.['route'])),
    },
  });
  index.addAll(all);
  return index;
}

/** Words of questions that no page is found by. */
const fillers = new Set(
  'a an and are can do does for from how i in is it my of on or the to use using what when where which why with'.split(
    ' ',
  ),
);

/** Returns the results for a query: first those with all words, then those with some. */
export function find(index: MiniSearch<Indexed>, query: string): Result[] {
  const words = query
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word && !fillers.has(word));
  const text = words.length ? words.join(' ') : query;
  const all = index.search(text, { combineWith: 'AND' });
  const some = all.length < 3 ? index.search(text, { combineWith: 'OR' }) : [];
  const seen = new Set<unknown>();
  return [...all, ...some].flatMap(({ id, route, title, says }) => {
    if (seen.has(id)) return [];
    seen.add(id);
    return { route: String(route), title: String(title), says: String(says) };
  });
}
