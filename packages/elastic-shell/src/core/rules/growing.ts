// Lists of numbers that grow.

/** The first place in a list of growing numbers that holds `from` or more. */
export function firstFrom(places: readonly number[], from: number): number {
  let low = 0;
  let high = places.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((places[middle] ?? 0) < from) low = middle + 1;
    else high = middle;
  }
  return low;
}
