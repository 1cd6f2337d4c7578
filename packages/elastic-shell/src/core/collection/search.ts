// Search: the items of a list that match a text, for lists of any length. Pure: the caller decides when to
// pause and continue. Labels are folded once for each list, when they are first needed or during idle time.
// A query that extends another only searches its results.
import type { Item } from './items.js';
import { foldedLabel } from './fold.js';
import type { MatchMode } from './match.js';

/** The folded labels of a list, for one language. */
interface Labels {
  texts: (string | undefined)[];
  /** The number of labels prepared so far. */
  ready: number;
}

const known = new WeakMap<readonly Item[], Map<string | undefined, Labels>>();

const labelsOf = (items: readonly Item[], locale: string | undefined): Labels => {
  const byLocale = known.get(items) ?? new Map<string | undefined, Labels>();
  const labels = byLocale.get(locale) ?? { texts: [], ready: 0 };
  known.set(items, byLocale.set(locale, labels));
  return labels;
};

/** Returns the folded label of the item at an index, and stores it. */
export function foldedLabels(items: readonly Item[], locale?: string): (at: number) => string {
  const { texts } = labelsOf(items, locale);
  return (at) => (texts[at] ??= foldedLabel(items[at]?.label ?? '', locale));
}

/** The number of labels between two questions whether to pause. */
const stretch = 256;

/** Prepares labels until `isEnough` returns true. Returns true when all are prepared. */
export function prepareLabels(
  items: readonly Item[],
  locale: string | undefined,
  isEnough: () => boolean,
): boolean {
  const labels = labelsOf(items, locale);
  const labelAt = foldedLabels(items, locale);
  for (; labels.ready < items.length; labels.ready++) {
    if (labels.ready % stretch === 0 && isEnough()) return false;
    labelAt(labels.ready);
  }
  return true;
}

/** How a query matches an item: by its position in the label, or by a function. */
export type Match<I extends Item> = MatchMode | ((label: string, query: string, item: I) => unknown);

/** A search in one list. */
export interface Search<I extends Item> {
  readonly items: readonly I[];
  readonly query: string;
  readonly match: Match<I>;
  /** The indexes of the results so far, in order. */
  readonly places: readonly number[];
  /** The results so far. */
  found(): I[];
  /** The search is complete. */
  readonly isDone: boolean;
  /**
   * Continues the search until `isEnough` returns true, or to the end if it is omitted. Returns true when it
   * is complete.
   */
  go(isEnough?: () => boolean): boolean;
}

/** Returns the matching indexes. */
function fitting<I extends Item>(
  items: readonly I[],
  query: string,
  match: Match<I>,
  locale: string | undefined,
): (at: number) => unknown {
  if (typeof match === 'function')
    return (at) => {
      const item = items[at];
      return item && match(item.label ?? '', query, item);
    };
  const wanted = foldedLabel(query, locale);
  const labelAt = foldedLabels(items, locale);
  return match === 'starts-with'
    ? (at) => labelAt(at).startsWith(wanted)
    : (at) => labelAt(at).includes(wanted);
}

/** Returns whether all results of `query` are among those of `before`. */
const narrows = <I extends Item>(
  items: readonly I[],
  query: string,
  match: Match<I>,
  before: Search<I> | undefined,
): before is Search<I> =>
  typeof match !== 'function' &&
  before?.match === match &&
  before.items === items &&
  query.startsWith(before.query) &&
  before.isDone;

/** Starts a search. The results of the earlier search `before` are used if this one can only find fewer. */
export function searchIn<I extends Item>(
  items: readonly I[],
  query: string,
  match: Match<I>,
  locale?: string,
  before?: Search<I>,
): Search<I> {
  const among = narrows(items, query, match, before) ? before.places : undefined;
  const count = among?.length ?? items.length;
  const fits = fitting(items, query, match, locale);
  const places: number[] = [];
  let next = 0;
  return {
    items,
    query,
    match,
    places,
    get isDone() {
      return next >= count;
    },
    found: () => places.flatMap((at) => items[at] ?? []),
    go(isEnough) {
      // Even if it should pause at once, one more portion is searched.
      for (let looked = 0; next < count; looked++, next++) {
        if (looked && looked % stretch === 0 && isEnough?.()) return false;
        const at = among?.[next] ?? next;
        if (fits(at)) places.push(at);
      }
      return true;
    },
  };
}
