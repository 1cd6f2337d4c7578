// Windowing: the rows to render for a scroll position, with one height or measured heights. Pure.

/** The heights of many rows: where each begins, and which is at a position. */
export interface Heights {
  /** The number of rows. */
  readonly count: number;
  /** The height of all rows, in pixels. */
  readonly total: number;
  /** Returns where a row begins, in pixels. */
  top(row: number): number;
  /** Returns the row at a position, or the last one below all. */
  at(pixels: number): number;
  /** Stores the measured height of a row. Returns true if that moves the rows below it. */
  measure(row: number, height: number): boolean;
}

/**
 * Creates the heights of `count` rows, each `usual` pixels until it is measured. Sums are in a Fenwick tree,
 * so an update costs log n.
 */
export function heights(count: number, usual: number): Heights {
  const own = new Map<number, number>();
  const sums = new Map<number, number>();
  let more = 0;
  const extraBefore = (row: number): number => {
    let sum = 0;
    for (let at = row; at > 0; at -= at & -at) sum += sums.get(at) ?? 0;
    return sum;
  };
  const top = (row: number): number => row * usual + extraBefore(row);
  return {
    count,
    get total() {
      return count * usual + more;
    },
    top,
    at(pixels) {
      let low = 0;
      let high = count - 1;
      while (low < high) {
        const middle = (low + high + 1) >> 1;
        if (top(middle) <= pixels) low = middle;
        else high = middle - 1;
      }
      return Math.max(0, low);
    },
    measure(row, height) {
      const change = height - (own.get(row) ?? usual);
      if (!change) return false;
      own.set(row, height);
      more += change;
      for (let at = row + 1; at <= count; at += at & -at) sums.set(at, (sums.get(at) ?? 0) + change);
      return true;
    },
  };
}

/** A range of rows. */
export interface Shown {
  /** The first row to render, and the one after the last. */
  from: number;
  to: number;
}

/**
 * Returns the rows that are visible at `scrollTop` in `height` pixels, with `overscan` more on each side
 * (default: 4).
 */
export function rowsShown(rows: Heights, scrollTop: number, height: number, overscan = 4): Shown {
  if (!rows.count) return { from: 0, to: 0 };
  const first = rows.at(Math.max(0, scrollTop));
  const last = rows.at(Math.max(0, scrollTop + height));
  return { from: Math.max(0, first - overscan), to: Math.min(rows.count, last + 1 + overscan) };
}

/** Returns the scroll position that makes `row` visible with the least movement. */
export function scrollFor(rows: Heights, row: number, scrollTop: number, height: number): number {
  const top = rows.top(row);
  const bottom = rows.top(row + 1);
  if (top < scrollTop || bottom - top > height) return top;
  return bottom > scrollTop + height ? bottom - height : scrollTop;
}
