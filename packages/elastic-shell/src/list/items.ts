// The items of a list, read from the author's markup or created from data, each with a key. Accordions, tabs,
// menus, lists and trees share them. Items in markup are read once and kept until the document changes; an
// observer discards them then. Reading checks for changes that the observer has not yet reported, so the
// items are correct within the same task. Listeners are called all the same.
import { indexOf, type Item } from '../core/collection/items.js';
import { tell } from '../core/report.js';
import { labelText } from '../core/text.js';
import { isElement } from '../engine/dom.js';

/** What a list needs from its items, wherever they come from. */
export interface Items {
  /** Every item that can be reached, in order. The same array while nothing has changed. */
  items(): readonly Item[];
  /** Returns the innermost item that contains an element. */
  of(target: EventTarget | null): Item | undefined;
  elementOf(key: string | undefined): HTMLElement | undefined;
  /** The items on the page with their elements, in order. */
  shown(): Iterable<readonly [Item, HTMLElement]>;
  /**
   * Puts the visible rows and the row of `stop` onto the page; with `reveal`, scrolls to that row. Returns
   * true if the page contains other rows than before, or a row shows another item.
   */
  update(stop: string | undefined, reveal: boolean): boolean;
  /** Discards what was read, because it has changed. */
  refresh(): void;
  /** The number of rows that are visible at once, one below the other. */
  page(): number;
  /** Follows what happens to the items on the page, until released. */
  follow(heard: ItemsHeard): () => void;
}

/** Callbacks for what happens to items on the page. */
export interface ItemsHeard {
  /** Items in the markup were added, removed or changed. */
  changed(): void;
  /** Other rows are visible. */
  shifted(): void;
  /** The rows of the items with these keys have gained or lost a name or a description. */
  described(keys: readonly string[]): void;
}

/** An item in the author's markup. */
export interface ItemElement extends Item {
  label: string;
  element: HTMLElement;
}

/** Items in markup, which are all on the page. */
export interface MarkupItems extends Items {
  /** All items, including those that can't be reached. */
  all(): readonly ItemElement[];
  of(target: EventTarget | null): ItemElement | undefined;
}

/** How items are read from markup. */
export interface MarkupRules {
  /** Returns the label of an item. Default: all its text. */
  labelOf?(element: HTMLElement): string;
  /** Returns whether an item can be reached. Default: true. */
  isThere?(item: ItemElement): boolean;
}

const isDisabled = (element: HTMLElement): boolean =>
  element.matches(':disabled') || element.ariaDisabled === 'true';

/**
 * Returns the label of an item: its aria-label, the text of its [data-label], or else all its text.
 *
 * @param element - The element of the item.
 * @returns The label.
 */
export const labelIn = (element: Element): string =>
  element.getAttribute('aria-label') ??
  labelText((element.querySelector('[data-label]') ?? element).textContent);

/**
 * Returns the number of rows that a list shows at once, less one, so that the last row of a page begins the
 * next one.
 */
export const rowsIn = (height: number, row: number | undefined): number =>
  Math.max(1, Math.floor(height / (row || 1)) - 1);

/** Returns the key of an element: its data-key, its id, or else its position when it is first seen. */
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

/** The label is read on first use. Lists that are never searched by text do not pay for it. */
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

/**
 * Reads the items from the author's elements, once for each change of the document.
 *
 * @param root - The root of the pattern.
 * @param find - Returns the elements that are items.
 * @returns The items.
 */
export function markupItems(
  root: HTMLElement,
  find: () => Iterable<HTMLElement>,
  { labelOf = (element) => labelText(element.textContent), isThere }: MarkupRules = {},
): MarkupItems {
  const keysFor = keyGiver();
  let observer: MutationObserver | undefined;
  let known: Read | undefined;
  let tellChanged = (): void => {};

  /** What was read is discarded if the page has changed since. Listeners are called all the same. */
  const look = (): void => {
    if (!observer?.takeRecords().length) return;
    known = undefined;
    queueMicrotask(() => tellChanged());
  };
  const read = (): Read => {
    look();
    if (known) return known;
    // Before it is followed (while something is being wired), no observer reports changes, so it is kept for
    // this task only.
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

/** Returns the position of an item among those that can be reached. */
export const placeIn = ({ items }: Items, key: string | undefined): number => indexOf(items(), key);
