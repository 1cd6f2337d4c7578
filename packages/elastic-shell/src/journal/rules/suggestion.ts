// The remedy for an id that no element has.
import type { Markup } from '../../core/rules/markup.js';
import type { Page } from '../../core/rules/page.js';
import { nearest } from '../../core/text.js';

/** How many ids of one page get suggestions, because each is compared with every id. */
const most = 300_000;
const looked = new WeakMap<Page, number>();

/**
 * Returns the most similar id of the page as a question, or else what to do. `element` refers to it, so its
 * own id is not meant.
 */
export function suggestion(id: string, page: Page, element: Markup): string {
  const ids = page.ids();
  const count = (looked.get(page) ?? 0) + ids.length;
  looked.set(page, count);
  const own = element.attribute('id');
  const near =
    count <= most ? nearest(id, own === null ? ids : ids.filter((each) => each !== own)) : undefined;
  return near ? `Did you mean "${near}"?` : `Give the element the id "${id}", or name another id.`;
}
