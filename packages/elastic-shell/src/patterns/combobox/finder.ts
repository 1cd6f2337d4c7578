// The finder of a combobox: looks for what is typed among the options at hand. It takes a part of a frame at most; what
// takes longer goes on in tasks of its own, until something else is looked for.
import type { Item } from '../../core/collection/items.js';
import { type Search, searchIn } from '../../core/collection/search.js';
import { languageOf } from '../../announce/announce.js';
import { preparer } from '../../list/prepare.js';
import type { ComboboxSettings } from './types.js';

/** Looks for options by what is typed. */
export interface Finder {
  /** The search for `query`, once it has looked at all; undefined until then. */
  find(items: readonly Item[], query: string): Search<Item> | undefined;
  /** Whether it is still looking. */
  isLooking(): boolean;
  /** What is typed is not looked for any more. */
  stop(): void;
  /** Makes ready for searches of `items` while the browser has nothing else to do. */
  prepare(items: readonly Item[]): void;
  release(): void;
}

/** Milliseconds that labels are looked through in one go: half a frame, which leaves the other for showing what is found. */
const sliceTime = 8;

/** Looks by the options of `settings`; `found` is called when a search that took longer has ended. */
export function finder(root: Element, settings: ComboboxSettings, found: () => void): Finder {
  let search: Search<Item> | undefined;
  let slice: ReturnType<typeof setTimeout> | undefined;
  const ready = preparer(root);
  const wait = (): void => {
    clearTimeout(slice);
    slice = undefined;
  };
  /** Looks on for as long as a part of a frame; true when all has been looked at. */
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
      // What was found before stays until this has found all.
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
