// The items of a collection on the page: found once, kept current as the document changes, each with a key.
import type { Item } from '../core/collection/items.js';
import { tell } from '../core/report.js';
import { labelText } from '../core/text.js';

export interface ItemElement extends Item {
  key: string;
  element: HTMLElement;
}

export interface Items {
  /** In document order, as of now. */
  all(): readonly ItemElement[];
  /** The innermost item that an element stands in. */
  of(target: EventTarget | null): ItemElement | undefined;
  /** Has `changed` called when items come, go or change, until released. */
  follow(changed: () => void): () => void;
}

const isDisabled = (element: HTMLElement): boolean =>
  element.matches(':disabled') || element.ariaDisabled === 'true';

/** What an item is called: its aria-label, else what stands in its [data-label], else all its words. */
export const labelIn = (element: Element): string =>
  element.getAttribute('aria-label') ??
  labelText((element.querySelector('[data-label]') ?? element).textContent);

/** `find` gives the elements; an item's key is its data-key, else its id, else its place when it is first seen. */
export function itemsOf(
  root: Element,
  find: () => Iterable<HTMLElement>,
  labelOf: (element: HTMLElement) => string = (element) => labelText(element.textContent),
): Items {
  const given = new WeakMap<Element, string>();
  let observer: MutationObserver | undefined;
  let items: ItemElement[] | undefined;
  let places: Map<Element, ItemElement> | undefined;

  const read = (): ItemElement[] => {
    const taken = new Set<string>();
    return [...find()].map((element, at) => {
      const own = element.dataset['key'] ?? (given.has(element) ? undefined : element.id || undefined);
      let key = own ?? given.get(element) ?? `${at}`;
      if (taken.has(key)) {
        if (own) tell('key-duplicate', element, own);
        for (let next = at; taken.has(key); next++) key = `${next}`;
      }
      if (key !== own) given.set(element, key);
      taken.add(key);
      let label: string | undefined;
      return {
        element,
        key,
        // Read where it is asked for: who never searches by words does not pay for them.
        get label() {
          return (label ??= labelOf(element));
        },
        disabled: isDisabled(element),
        closable: 'closable' in element.dataset,
      };
    });
  };
  const all = (): ItemElement[] => {
    if (!observer || observer.takeRecords().length) items = undefined;
    if (!items) places = undefined;
    return (items ??= read());
  };
  return {
    all,
    of(target) {
      const now = all();
      places ??= new Map(now.map((item) => [item.element, item]));
      let at = target as Element | null;
      while (at && at !== root && !places.has(at)) at = at.parentElement;
      return places.get(at!);
    },
    follow(changed) {
      observer = new MutationObserver(() => {
        items = undefined;
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
      };
    },
  };
}
