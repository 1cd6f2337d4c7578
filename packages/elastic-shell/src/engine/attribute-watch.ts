// The watch over attributes: hears what others write over what the engine has written, and tells whoever wrote it.
import { isElement } from './dom.js';
import { type Owner, type Page, type Rewrite, rewriteOf } from './attribute-page.js';

/** By element, the pages of all writers that have something on it: mostly one. */
const pagesOn = new WeakMap<Element, readonly Page[]>();

/** True when the attribute of `element` stands as the engine has written it, or is missing since the engine has taken it away. */
export const isWritten = (element: Element, name: string): boolean =>
  (pagesOn.get(element) ?? []).some(({ marks }) => marks.get(name)?.written === element.getAttribute(name));

/** Has a page count among those of its element. */
export const addPage = (element: Element, page: Page): void => {
  const others = pagesOn.get(element);
  pagesOn.set(element, others ? [...others, page] : [page]);
};

/** It counts no more. */
export const removePage = (element: Element, page: Page): void => {
  const others = pagesOn.get(element)?.filter((other) => other !== page) ?? [];
  if (others.length) pagesOn.set(element, others);
  else pagesOn.delete(element);
};

/** Tells each owner what was found on its pages. */
function tellOwners(found: readonly (readonly [Page, Rewrite | undefined])[]): void {
  const byOwner = new Map<Owner, Rewrite[]>();
  for (const [{ owner }, rewrite] of found) {
    if (!rewrite) continue;
    const list = byOwner.get(owner);
    if (list) list.push(rewrite);
    else byOwner.set(owner, [rewrite]);
  }
  for (const [owner, rewrites] of byOwner) owner(rewrites);
}

/** What of an element's attribute is somebody else's word: not where another of our writers has had the last one. */
const foundOn = (element: Element, name: string): (readonly [Page, Rewrite | undefined])[] => {
  const pages = pagesOn.get(element) ?? [];
  if (pages.length > 1 && isWritten(element, name)) return [];
  return pages.map((page) => [page, rewriteOf(element, page, name)] as const);
};

/** Times that attributes are written again in one task: a script that always writes over ours would never end. */
const most = 50;
let turns = 0;

const hear = (records: readonly MutationRecord[]): void => {
  if (!turns) setTimeout(() => (turns = 0));
  if (++turns > most) return;
  tellOwners(
    records.flatMap(({ target, attributeName: name }) =>
      isElement(target) && name ? foundOn(target, name) : [],
    ),
  );
};

// One observer for all writers. An element is observed once the task is over in which it was first written, so that what is
// written then makes no records; what others have written meanwhile is looked for.
let observer: MutationObserver | undefined;
let writers = 0;
let fresh: Element[] = [];

const observeFresh = (): void => {
  const elements = fresh;
  fresh = [];
  if (!writers) return;
  observer ??= new MutationObserver(hear);
  const found: (readonly [Page, Rewrite | undefined])[] = [];
  for (const element of elements) {
    for (const { marks } of pagesOn.get(element) ?? [])
      for (const [name, { written }] of marks)
        if (element.getAttribute(name) !== written) found.push(...foundOn(element, name));
    observer.observe(element, { attributes: true });
  }
  tellOwners(found);
};

/** Has an element watched from the end of this task on. */
export const observe = (element: Element): void => {
  if (!fresh.length) queueMicrotask(observeFresh);
  fresh.push(element);
};

/** Counts one more writer that has something on the page; returns what ends that. With the last of them nothing is watched. */
export function joinWatch(): () => void {
  writers++;
  return () => {
    if (--writers) return;
    observer?.disconnect();
    observer = undefined;
  };
}
