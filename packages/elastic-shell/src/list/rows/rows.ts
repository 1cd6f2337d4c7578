// Rows: the items of a list as they stand on the page, all of them in the author's markup, or those in view of data.
import type { Item } from '../../core/collection/items.js';
import type { ItemElement, Items } from '../items.js';

export interface Rows {
  /** Every item that can be gone to, in order. */
  items(): readonly Item[];
  /** The item whose row an element stands in. */
  of(target: EventTarget | null): Item | undefined;
  elementOf(key: string | undefined): HTMLElement | undefined;
  /** The rows on the page, in order. */
  shown(): Iterable<readonly [Item, HTMLElement]>;
  /** Has what is in view on the page, and the row of `stop` besides, scrolled into view with `expandTo`. */
  update(stop: string | undefined, reveal: boolean): void;
  /** What is there has changed: the items are read again. */
  refresh(): void;
  /** Rows in view, one under the other. */
  page(): number;
  /** Has `changed` called when items come, go or change in the markup, `shifted` when other rows are in view, until released. */
  follow(changed: () => void, shifted: () => void): () => void;
}

const viewOf = (list: Element, row: HTMLElement | undefined): number =>
  Math.max(1, Math.floor(list.clientHeight / (row?.offsetHeight || 1)) - 1);

/** The author's own elements; of them those that `isThere` answers for. */
export function markupRows(list: HTMLElement, source: Items, isThere?: (item: ItemElement) => boolean): Rows {
  let all: readonly ItemElement[] | undefined;
  let there: readonly ItemElement[] = [];
  let places: Map<string, ItemElement> | undefined;
  const items = (): readonly ItemElement[] => {
    const now = source.all();
    if (now !== all) {
      all = now;
      there = isThere ? now.filter(isThere) : now;
      places = undefined;
    }
    return there;
  };
  const elementOf = (key: string | undefined): HTMLElement | undefined => {
    items();
    places ??= new Map(all!.map((item) => [item.key, item]));
    return places.get(key!)?.element;
  };
  return {
    items,
    of: (target) => source.of(target),
    elementOf,
    shown: () => source.all().map((item) => [item, item.element]),
    update(stop, reveal) {
      if (reveal) elementOf(stop)?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
    },
    refresh() {
      all = undefined;
    },
    page: () => viewOf(list, items()[0]?.element),
    follow: (changed) => source.follow(changed),
  };
}
