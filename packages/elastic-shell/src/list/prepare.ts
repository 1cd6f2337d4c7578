// Prepares the search by letters: normalises the labels of a long list while the browser is idle, so that the
// first typed letter doesn't wait for it. If the platform doesn't report idle time, the first letter does the
// work.
import type { Item } from '../core/collection/items.js';
import { prepareLabels } from '../core/collection/search.js';
import { windowOf } from '../engine/dom.js';

/** Prepares one list after the other. */
export interface Preparer {
  /**
   * Prepares `items` for a search in their language. Items that were prepared before are left as they are.
   */
  prepare(items: readonly Item[], locale?: string): void;
  release(): void;
}

/** The number of items below which a list is searched without preparation. */
const fewItems = 1000;

/** Prepares the lists in the document of `root`. */
export function preparer(root: Element): Preparer {
  let now: readonly Item[] | undefined;
  return {
    prepare(items, locale) {
      const { requestIdleCallback: idle } = windowOf(root);
      if (now === items || items.length < fewItems || !idle) return;
      now = items;
      const go = (deadline: IdleDeadline): void => {
        if (now === items && !prepareLabels(items, locale, () => deadline.timeRemaining() < 1)) idle(go);
      };
      idle(go);
    },
    release() {
      now = undefined;
    },
  };
}
