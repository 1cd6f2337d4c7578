// Components of a framework in rows, which are filled later, measured then, and released in time.
import type { Item } from '../../core/collection/items.js';
import { onResize } from '../../events/resize.js';
import type { ItemsHeard } from '../items.js';
import { measure } from './measure.js';
import { isWindowed, itemOf, type Rows } from './page-rows.js';
import { emptyRow } from './row.js';

/** The components in the rows of one list. */
export interface Lives {
  /** Rows have been drawn. Those with components are measured when their size changes. */
  follow(): void;
  /** Creates the content of rows again when they are next drawn. */
  renew(): void;
  /** Ends all components. */
  release(): void;
}

/**
 * Returns the keys of the rows in which nodes were added or removed, and which have or had a description,
 * because it is part of their accessible name.
 */
function describedIn<I extends Item>(rows: Rows<I>, records: readonly MutationRecord[]): string[] {
  const items = new Set(records.map(({ target }) => itemOf(rows, target)));
  return [...items].flatMap((item) => {
    const row = item && rows.byKey.get(item.key);
    const isDescribed =
      row?.life &&
      (row.element.hasAttribute('aria-describedby') || row.element.querySelector('[data-description]'));
    return item && isDescribed ? [item.key] : [];
  });
}

/** Manages the components in `rows`. */
export function livesIn<I extends Item>(
  rows: Rows<I>,
  heard: () => Pick<ItemsHeard, 'shifted' | 'described'>,
): Lives {
  let stop = (): void => {};
  const observer = new MutationObserver((records) => {
    const keys = describedIn(rows, records);
    if (keys.length) heard().described(keys);
  });
  let isObserving = false;
  return {
    follow() {
      stop();
      const living = [...rows.byKey.values()].flatMap(({ life, element }) => (life ? [element] : []));
      stop = onResize(living, () => {
        if (isWindowed(rows) && measure(rows)) heard().shifted();
      });
      if (isObserving || !living.length) return;
      isObserving = true;
      observer.observe(rows.geometry.sizer, { childList: true, subtree: true });
    },
    renew() {
      for (const row of [...rows.byKey.values(), ...rows.spare]) {
        emptyRow(row);
        delete row.item;
      }
    },
    release() {
      stop();
      observer.disconnect();
      for (const row of rows.byKey.values()) emptyRow(row);
    },
  };
}
