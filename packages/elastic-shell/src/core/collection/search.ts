// Search: which items of a list fit what is typed, for lists of any length. Pure: the caller says when it has looked enough
// for now, and goes on later.
//
// Labels are folded once for each list, when they are first looked at or while nothing else is to do. A query that goes
// on another looks only at what that one left.
import type { Item } from './items.js';
import { foldedLabel } from './fold.js';
import type { MatchMode } from './match.js';

/** The folded labels of a list, for one language. */
interface Labels {
  texts: (string | undefined)[];
  /** How many from the first on have been made ahead. */
  ready: number;
}

const known = new WeakMap<readonly Item[], Map<string | undefined, Labels>>();

const labelsOf = (items: readonly Item[], locale: string | undefined): Labels => {
  const byLocale = known.get(items) ?? new Map<string | undefined, Labels>();
  const labels = byLocale.get(locale) ?? { texts: [], ready: 0 };
  known.set(items, byLocale.set(locale, labels));
  return labels;
};

/** The label of the item at a place of `items`, folded for comparing; made once. */
export function foldedLabels(items: readonly Item[], locale?: string): (at: number) => string {
  const { texts } = labelsOf(items, locale);
  return (at) => (texts[at] ??= foldedLabel(items[at]?.label ?? '', locale));
}

/** How many are looked at before it is asked whether that is enough for now. */
const stretch = 256;

/** Makes labels ahead until `isEnough` says so; true when all are made. */
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

/** How a query finds an item: by where it stands in the label, or as a function says. */
export type Match<I extends Item> = MatchMode | ((label: string, query: string, item: I) => unknown);

/** A search over one list. */
export interface Search<I extends Item> {
  readonly items: readonly I[];
  readonly query: string;
  readonly match: Match<I>;
  /** The places of what has been found so far, in order. */
  readonly places: readonly number[];
  /** The items found so far. */
  found(): I[];
  /** All has been looked at. */
  readonly isDone: boolean;
  /** Looks on, until `isEnough` says so; true when all has been looked at. Default: looks at all. */
  go(isEnough?: () => boolean): boolean;
}

/** What fits, by its place. */
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

/** Whether all that `query` finds is among what `before` has found. */
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

/** Begins a search of `items`; `before` is an earlier one, whose findings are used where this one can only find fewer. */
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
      // Whoever has enough already still gets one stretch further.
      for (let looked = 0; next < count; looked++, next++) {
        if (looked && looked % stretch === 0 && isEnough?.()) return false;
        const at = among?.[next] ?? next;
        if (fits(at)) places.push(at);
      }
      return true;
    },
  };
}
