// What to do about an id that no element has.
import type { Markup } from '../../core/rules/markup.js';
import type { Page } from '../../core/rules/page.js';
import { nearest } from '../../core/text.js';

/** How many ids are looked at for suggestions on one page, of which each looks at every one. */
const most = 300_000;
const looked = new WeakMap<Page, number>();

/** The nearest id of the page, as a question; else what to do. `element` names it: its own id is not what was meant. */
export function suggestion(id: string, page: Page, element: Markup): string {
  const ids = page.ids();
  const count = (looked.get(page) ?? 0) + ids.length;
  looked.set(page, count);
  const own = element.attribute('id');
  const near =
    count <= most ? nearest(id, own === null ? ids : ids.filter((each) => each !== own)) : undefined;
  return near ? `Did you mean "${near}"?` : `Give the element the id "${id}", or name another id.`;
}
