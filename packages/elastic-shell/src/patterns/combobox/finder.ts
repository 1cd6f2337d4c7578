// Searches the known options for the typed text. It takes at most half a frame at a time. A longer search
// continues in tasks of its own, until another search starts.
import type { Item } from '../../core/collection/items.js';
import { type Search, searchIn } from '../../core/collection/search.js';
import { languageOf } from '../../announce/announce.js';
import { preparer } from '../../list/prepare.js';
import type { ComboboxSettings } from './types.js';

/** Searches options. */
export interface Finder {
  /** Returns the result of the search for `query`, or undefined before there is one. */
  find(items: readonly Item[], query: string): Search<Item> | undefined;
  /** Returns whether it is still searching. */
  isLooking(): boolean;
  /** Cancels the search. */
  stop(): void;
  /** Prepares searches of `items` while the browser is idle. */
  prepare(items: readonly Item[]): void;
  release(): void;
}

/**
 * Milliseconds for searching labels at a time: half a frame, so that the other half is left for rendering the
 * result.
 */
const sliceTime = 8;

/** Creates a finder with the options of `settings`. `found` is called when a longer search has ended. */
export function finder(root: Element, settings: ComboboxSettings, found: () => void): Finder {
  let search: Search<Item> | undefined;
  let slice: ReturnType<typeof setTimeout> | undefined;
  const ready = preparer(root);
  const wait = (): void => {
    clearTimeout(slice);
    slice = undefined;
  };
  /** Continues the search for part of a frame. Returns true when it is complete. */
  const look = (now: Search<Item>): boolean => {
    wait();
    const end = performance.now() + sliceTime;
    if (now.go(() => performance.now() > end)) return true;
    slice = setTimeout(() => look(now) && found());
    return false;
  };
  return {
    isLooking: () => !!slice,
    find(items, query) {
      const { match = 'contains' } = settings;
      if (search?.items !== items || search.query !== query || search.match !== match) {
        wait();
        search = searchIn(items, query, match, languageOf(root), search);
      }
      // The previous result is used until this search is complete.
      return search.isDone || (!slice && look(search)) ? search : undefined;
    },
    stop() {
      wait();
      search = undefined;
    },
    prepare: (items) => ready.prepare(items, languageOf(root)),
    release() {
      wait();
      ready.release();
    },
  };
}
