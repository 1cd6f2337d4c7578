// What lives in rows: components of a framework, that are filled later, measured when they are, and released in time.
import type { Item } from '../../core/collection/items.js';
import { onResize } from '../../events/resize.js';
import { measure } from './measure.js';
import { isWindowed, type Rows } from './page-rows.js';
import { emptyRow } from './row.js';

/** The lives in the rows of one list. */
export interface Lives {
  /** Rows have been drawn: those that live are measured when they change their size. */
  follow(): void;
  /** What stands in rows is made anew when they are next drawn. */
  renew(): void;
  /** Ends all. */
  release(): void;
}

/** The lives in `rows`; `shifted` hears when their heights have turned out to be others. */
export function livesIn<I extends Item>(rows: Rows<I>, shifted: () => void): Lives {
  let stop = (): void => {};
  return {
    follow() {
      stop();
      const living = [...rows.byKey.values()].flatMap(({ life, element }) => (life ? [element] : []));
      stop = onResize(living, () => {
        if (isWindowed(rows) && measure(rows)) shifted();
      });
    },
    renew() {
      for (const row of [...rows.byKey.values(), ...rows.spare]) {
        emptyRow(row);
        delete row.item;
      }
    },
    release() {
      stop();
      for (const row of rows.byKey.values()) emptyRow(row);
    },
  };
}
