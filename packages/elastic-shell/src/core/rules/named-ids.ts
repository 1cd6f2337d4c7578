// The ids that elements of a page reference, collected once for each question.
import { type Markup, wordsOf } from './markup.js';
import type { Page, Test } from './page.js';

/** The elements to ask, and their attributes that reference ids. */
export interface Naming {
  test: Test;
  attributes: readonly string[];
}

const known = new WeakMap<Page, Map<Naming, Map<string, Markup>>>();

/**
 * Returns the referenced ids, each with the first element that references it. It is in doubt if some
 * references are unknown.
 */
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

/** Everything that references an element: an opener, a tab, a described element. */
export const anyNaming: Naming = {
  test: (element) => references.some((name) => element.attribute(name) !== null),
  attributes: references,
};

/** References of owned elements. */
export const owning: Naming = {
  test: (element) => element.attribute('aria-owns') !== null,
  attributes: ['aria-owns'],
};

/** Returns whether another element owns this one by its id. */
export const isOwned = (element: Markup, page: Page): boolean =>
  namedIds(page, owning).has(element.attribute('id') ?? '');
