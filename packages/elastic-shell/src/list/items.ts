// The items of a list: found in the author's markup or made from data, each with a key. One idea of items serves
// sections, tabs, menus, lists and trees.
//
// Those in markup are read once and kept until the document changes: an observer drops what was read. Reading looks at what
// the observer has yet to tell, so that what is read is true in the same task; whoever follows is told all the same.
import { indexOf, type Item } from '../core/collection/items.js';
import { tell } from '../core/report.js';
import { labelText } from '../core/text.js';
import { isElement } from '../engine/dom.js';

/** What a list service asks of its items, wherever they come from. */
export interface Items {
  /** Every item that can be gone to, in order. The same array while nothing has changed. */
  items(): readonly Item[];
  /** The innermost item that an element stands in. */
  of(target: EventTarget | null): Item | undefined;
  elementOf(key: string | undefined): HTMLElement | undefined;
  /** The items on the page with their elements, in order. */
  shown(): Iterable<readonly [Item, HTMLElement]>;
  /**
   * Has what is in view on the page, and the row of `stop` besides, scrolled into view with `reveal`. True when other
   * rows are on the page than before, or a row shows another item.
   */
  update(stop: string | undefined, reveal: boolean): boolean;
  /** What is there has changed: the items are read again. */
  refresh(): void;
  /** Rows in view, one under the other. */
  page(): number;
  /** Follows what happens to the items on the page, until released. */
  follow(heard: ItemsHeard): () => void;
}

/** What happens to items on the page. */
export interface ItemsHeard {
  /** Items in the markup were added, removed or changed. */
  changed(): void;
  /** Other rows are in view. */
  shifted(): void;
  /** What names or describes the items with these keys is in their rows now, or no longer is. */
  described(keys: readonly string[]): void;
}

/** An item of the author's markup. */
export interface ItemElement extends Item {
  label: string;
  element: HTMLElement;
}

/** Items in markup: all of them are on the page. */
export interface MarkupItems extends Items {
  /** All there are, whether they can be gone to or not. */
  all(): readonly ItemElement[];
  of(target: EventTarget | null): ItemElement | undefined;
}

/** How items are read from markup. */
export interface MarkupRules {
  /** What an item is called. Default: all its words. */
  labelOf?(element: HTMLElement): string;
  /** Whether an item can be gone to. Default: all can. */
  isThere?(item: ItemElement): boolean;
}

const isDisabled = (element: HTMLElement): boolean =>
  element.matches(':disabled') || element.ariaDisabled === 'true';

/** What an item is called: its aria-label, else what stands in its [data-label], else all its words. */
export const labelIn = (element: Element): string =>
  element.getAttribute('aria-label') ??
  labelText((element.querySelector('[data-label]') ?? element).textContent);

/** The rows of a height that a list shows at once, less one, so that the last of a page begins the next. */
export const rowsIn = (height: number, row: number | undefined): number =>
  Math.max(1, Math.floor(height / (row || 1)) - 1);

/** Gives keys: an element's data-key, else its id, else its place when it is first seen. */
function keyGiver(): (elements: Iterable<HTMLElement>) => [HTMLElement, string][] {
  const given = new WeakMap<Element, string>();
  return (elements) => {
    const taken = new Set<string>();
    return [...elements].map((element, at) => {
      const own = element.dataset['key'] ?? (given.has(element) ? undefined : element.id || undefined);
      let key = own ?? given.get(element) ?? `${at}`;
      if (taken.has(key)) {
        if (own) tell('key-duplicate', element, { key: own });
        for (let next = at; taken.has(key); next++) key = `${next}`;
      }
      if (key !== own) given.set(element, key);
      taken.add(key);
      return [element, key];
    });
  };
}

/** Its label is read where it is asked for: who never searches by words does not pay for them. */
const itemFor = (
  element: HTMLElement,
  key: string,
  labelOf: (element: HTMLElement) => string,
): ItemElement => {
  let label: string | undefined;
  return {
    element,
    key,
    get label() {
      return (label ??= labelOf(element));
    },
    disabled: isDisabled(element),
    closable: 'closable' in element.dataset,
  };
};

/** What is known of the items since they were read. */
interface Read {
  all: readonly ItemElement[];
  byElement: Map<Element, ItemElement>;
  byKey: Map<string, ItemElement>;
  there?: readonly ItemElement[];
}

/** The items among the author's own elements, which `find` gives: read once, and again when the document changes. */
export function markupItems(
  root: HTMLElement,
  find: () => Iterable<HTMLElement>,
  { labelOf = (element) => labelText(element.textContent), isThere }: MarkupRules = {},
): MarkupItems {
  const keysFor = keyGiver();
  let observer: MutationObserver | undefined;
  let known: Read | undefined;
  let tellChanged = (): void => {};

  /** What was read is out of date when the page has changed since; whoever follows hears of it all the same. */
  const look = (): void => {
    if (!observer?.takeRecords().length) return;
    known = undefined;
    queueMicrotask(() => tellChanged());
  };
  const read = (): Read => {
    look();
    if (known) return known;
    // Before it is followed (while something is being wired) nothing tells of changes: it is kept for this task only.
    if (!observer)
      queueMicrotask(() => {
        if (!observer) known = undefined;
      });
    const all = keysFor(find()).map(([element, key]) => itemFor(element, key, labelOf));
    return (known = {
      all,
      byElement: new Map(all.map((item) => [item.element, item])),
      byKey: new Map(all.map((item) => [item.key, item])),
    });
  };
  const items = (): readonly ItemElement[] => {
    const now = read();
    return (now.there ??= isThere ? now.all.filter(isThere) : now.all);
  };
  const elementOf = (key: string | undefined): HTMLElement | undefined =>
    key === undefined ? undefined : read().byKey.get(key)?.element;
  return {
    items,
    elementOf,
    all: () => read().all,
    of(target) {
      const { byElement } = read();
      let at: Element | null = isElement(target) ? target : null;
      while (at && at !== root && !byElement.has(at)) at = at.parentElement;
      return at ? byElement.get(at) : undefined;
    },
    shown: () => read().all.map((item) => [item, item.element]),
    update(stop, reveal) {
      if (reveal) elementOf(stop)?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
      return false;
    },
    refresh() {
      if (known) delete known.there;
    },
    page: () => rowsIn(root.clientHeight, items()[0]?.element.offsetHeight),
    follow({ changed }) {
      tellChanged = changed;
      observer = new MutationObserver(() => {
        known = undefined;
        changed();
      });
      observer.observe(root, {
        childList: true,
        subtree: true,
        attributeFilter: ['data-key', 'disabled', 'aria-disabled'],
      });
      return () => {
        observer?.disconnect();
        observer = undefined;
        tellChanged = () => {};
      };
    },
  };
}

/** Where an item stands among those that can be gone to. */
export const placeIn = ({ items }: Items, key: string | undefined): number => indexOf(items(), key);
