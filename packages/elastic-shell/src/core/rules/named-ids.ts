// The ids that some elements of a page name, gathered once for each question.
import { type Markup, wordsOf } from './markup.js';
import type { Page, Test } from './page.js';

/** Which elements are asked, and which of their attributes name ids. */
export interface Naming {
  test: Test;
  attributes: readonly string[];
}

const known = new WeakMap<Page, Map<Naming, Map<string, Markup>>>();

/** By each id that is named, the first element that names it. In doubt where some that may name ids cannot be known. */
export function namedIds(page: Page, naming: Naming): ReadonlyMap<string, Markup> {
  const elements = page.all(naming.test);
  const gathered = known.get(page) ?? new Map<Naming, Map<string, Markup>>();
  known.set(page, gathered);
  const ids = gathered.get(naming) ?? new Map<string, Markup>();
  if (!gathered.has(naming))
    for (const element of elements)
      for (const id of naming.attributes.flatMap((name) => wordsOf(element, name)))
        if (!ids.has(id)) ids.set(id, element);
  gathered.set(naming, ids);
  return ids;
}

const references = [
  'commandfor',
  'for',
  'popovertarget',
  'aria-controls',
  'aria-describedby',
  'aria-labelledby',
  'aria-details',
];

/** Whatever names an element as its own: an opener, a tab, what it describes. */
export const anyNaming: Naming = {
  test: (element) => references.some((name) => element.attribute(name) !== null),
  attributes: references,
};

/** What owns elements that stand elsewhere. */
export const owning: Naming = {
  test: (element) => element.attribute('aria-owns') !== null,
  attributes: ['aria-owns'],
};

/** Whether some element owns this one by its id. */
export const isOwned = (element: Markup, page: Page): boolean =>
  namedIds(page, owning).has(element.attribute('id') ?? '');
