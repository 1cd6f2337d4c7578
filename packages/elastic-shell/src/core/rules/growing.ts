// Sorted lists of numbers.

/** Returns the first index in a sorted list with a number of at least `from`. */
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
