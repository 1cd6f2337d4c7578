// The address keeps a key, as #key: back and forward bring it back.

import { windowOf } from '../../engine/dom.js';
import { endListening } from '../../events/listen.js';

/** The key in the address of a page. */
export interface Address {
  /** The key in it now; empty when there is none. */
  read(): string;
  keep(key: string | undefined): void;
  /** Hears of each that comes by back, forward or a link. */
  hear(changed: (key: string) => void): void;
  release(): void;
}

/** A text that an address can hold: half of a surrogate pair becomes the sign for what cannot be shown. */
const wellFormed = (text: string): string =>
  text.replace(/[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g, '\uFFFD');

/** The address of the page that `document` is. */
export function addressOf(document: Document): Address {
  const view = windowOf(document);
  const stop = new AbortController();
  const read = (): string => {
    const text = view.location.hash.slice(1);
    try {
      return decodeURIComponent(text);
    } catch {
      return text;
    }
  };
  return {
    read,
    keep(key) {
      if (key !== undefined && key !== read())
        view.history.pushState(view.history.state, '', `#${encodeURIComponent(wellFormed(key))}`);
    },
    hear: (changed) => view.addEventListener('popstate', () => changed(read()), { signal: stop.signal }),
    release: () => endListening(stop),
  };
}
