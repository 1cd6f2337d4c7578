// Makes ready for searching: folds the labels of a long list while the browser has nothing else to do, so that the first
// letter that is typed need not wait for it. Where the platform does not tell of such times, the first letter does it.
import type { Item } from '../core/collection/items.js';
import { prepareLabels } from '../core/collection/search.js';
import { windowOf } from '../engine/dom.js';

/** Makes ready for searching in one list after the other. */
export interface Preparer {
  /** Makes `items` ready, in the language that they are searched in; what was made ready before is left as it is. */
  prepare(items: readonly Item[], locale?: string): void;
  release(): void;
}

/** Shorter lists are looked through in no time. */
const fewItems = 1000;

/** Makes lists ready that stand in the document of `root`. */
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
