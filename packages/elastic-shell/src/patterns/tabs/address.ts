// Keeps a key in the address: as #key, or as the address of a tab that is a link to another path or query.
// The back and forward buttons restore it.

import { isElement, windowOf } from '../../engine/dom.js';
import { endListening } from '../../events/listen.js';
import type { MarkupItems } from '../../list/items.js';

/** The key in the address of a page. */
export interface Address {
  /** Returns the key in the address, or an empty string. */
  read(): string;
  keep(key: string | undefined): void;
  /** Called with each key that the back or forward button or a link brings. */
  hear(changed: (key: string) => void): void;
  release(): void;
}

/** Makes a text safe for an address: half a surrogate pair becomes the replacement character. */
const wellFormed = (text: string): string =>
  text.replace(/[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g, '\uFFFD');

const withoutHash = (address: string): string => address.replace(/#.*$/, '');

/** Returns the address of a tab that is a link, unless it leads to a fragment of its own page. */
const linkOf = (tab: Element | undefined): string | undefined => {
  const to = isElement(tab) && 'href' in tab && typeof tab.href === 'string' ? tab.href : '';
  return to && tab?.getAttribute('href')?.startsWith('#') === false ? to : undefined;
};

/** Reads and writes the address of the page of `document` for these tabs. */
export function addressOf(document: Document, items: MarkupItems): Address {
  const view = windowOf(document);
  const { location, history } = view;
  const stop = new AbortController();
  const isHere = (tab: Element): boolean => withoutHash(linkOf(tab) ?? '') === withoutHash(location.href);
  const read = (): string => {
    const here = items.all().find(({ element }) => isHere(element));
    const text = location.hash.slice(1);
    if (here) return here.key;
    try {
      return decodeURIComponent(text);
    } catch {
      return text;
    }
  };
  return {
    read,
    keep(key) {
      if (key === undefined || key === read()) return;
      const to = linkOf(items.elementOf(key)) ?? `#${encodeURIComponent(wellFormed(key))}`;
      history.pushState(history.state, '', to);
    },
    hear: (changed) => view.addEventListener('popstate', () => changed(read()), { signal: stop.signal }),
    release: () => endListening(stop),
  };
}
