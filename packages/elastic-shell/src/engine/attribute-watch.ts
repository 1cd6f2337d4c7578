// Watches the attributes that the engine has written, and notifies their writer when other code overwrites
// them.
import { isElement } from './dom.js';
import { type Owner, type Page, type Rewrite, rewriteOf } from './attribute-page.js';

/** For each element, the pages of all writers with attributes on it: usually one. */
const pagesOn = new WeakMap<Element, readonly Page[]>();

/**
 * Returns true if the attribute of `element` has the value that the engine wrote, or is missing because the
 * engine removed it.
 */
export const isWritten = (element: Element, name: string): boolean =>
  (pagesOn.get(element) ?? []).some(({ marks }) => marks.get(name)?.written === element.getAttribute(name));

/** Adds a page to those of its element. */
export const addPage = (element: Element, page: Page): void => {
  const others = pagesOn.get(element);
  pagesOn.set(element, others ? [...others, page] : [page]);
};

/** Removes it again. */
export const removePage = (element: Element, page: Page): void => {
  const others = pagesOn.get(element)?.filter((other) => other !== page) ?? [];
  if (others.length) pagesOn.set(element, others);
  else pagesOn.delete(element);
};

/** Notifies each owner of the changes on its pages. */
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

/**
 * Returns the attributes of an element that other code has written, except those that another writer of the
 * engine wrote last.
 */
const foundOn = (element: Element, name: string): (readonly [Page, Rewrite | undefined])[] => {
  const pages = pagesOn.get(element) ?? [];
  if (pages.length > 1 && isWritten(element, name)) return [];
  return pages.map((page) => [page, rewriteOf(element, page, name)] as const);
};

/**
 * Limits how often attributes are restored in one task: a script that always overwrites them would never end.
 */
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

// One observer for all writers. An element is observed from the end of the task in which it was first
// written, so that these writes create no records. Changes by other code during that task are compared then.
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

/** Watches an element from the end of this task. */
export const observe = (element: Element): void => {
  if (!fresh.length) queueMicrotask(observeFresh);
  fresh.push(element);
};

/**
 * Adds a writer to the page, and returns a function that removes it. Without writers, nothing is observed.
 */
export function joinWatch(): () => void {
  writers++;
  return () => {
    if (--writers) return;
    observer?.disconnect();
    observer = undefined;
  };
}
