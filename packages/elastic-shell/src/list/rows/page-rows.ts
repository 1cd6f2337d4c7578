// The rows of a list from data as they are on the page: which have to be there, and where each item stands.
import { indexOf, type Item } from '../../core/collection/items.js';
import { isElement } from '../../engine/dom.js';
import { activeIn } from '../../focus/focusable.js';
import type { Shown } from '../../core/collection/window.js';
import { type Geometry, itemsInView } from './geometry.js';
import { type Group, isItem, type Line } from './lines.js';
import type { Make, Row, RowRules } from './row.js';

/** Rows up to this many are all on the page. */
const most = 200;

/** The rows of one list. */
export interface Rows<I extends Item> {
  geometry: Geometry;
  rules: RowRules<I>;
  make: Make;
  groupOf(name: string): Group;
  items: readonly I[];
  lines: readonly Line<I>[];
  /** The rows on the page by the key of their item; and by their element, whether they are on the page or not. */
  byKey: Map<string, Row<I>>;
  known: WeakMap<Element, Row<I>>;
  spare: Row<I>[];
  /** Those that lie as the page lays them out, in order. */
  flow: HTMLElement[];
  isMeasured: boolean;
  /** The height of a row has been seen, and nothing has changed since. */
  isSettled: boolean;
  pinned: string | undefined;
  /** The places that were on the page last, until there are other items. */
  last: Shown | undefined;
}

/** Whether only those in view are on the page. With headings between them rows of a grid have no one place each. */
export const isWindowed = <I extends Item>({ lines, items, rules }: Rows<I>): boolean =>
  lines.length > most && !(rules.grid && lines !== items);

/** The line in which an item stands; -1 where it is not there. */
export const placeOf = <I extends Item>({ lines, items }: Rows<I>, key: string | undefined): number =>
  lines === items ? indexOf(items, key) : lines.findIndex((line) => isItem(line) && line.key === key);

/** The item whose row an element stands in. */
export const itemOf = <I extends Item>(rows: Rows<I>, target: EventTarget | null): I | undefined => {
  let at: Element | null = isElement(target) ? target : null;
  while (at && at !== rows.geometry.list && !rows.known.has(at)) at = at.parentElement;
  return at ? rows.known.get(at)?.item : undefined;
};

/** Whether keys move through the list: it has focus, or what has focus names its current option. */
const isMovedThrough = (list: Element): boolean => {
  const active = activeIn(list);
  return !!active && (list.contains(active) || active.hasAttribute('aria-activedescendant'));
};

/**
 * The places in view; while keys move through the list also those that were there before, as long as there is no gap between them and they
 * are not too many. Orca takes the removal of any row for the removal of the one that it reads, and says the list again: so rows go seldom,
 * and then many at once.
 */
function shownIn<I extends Item>(rows: Rows<I>): Shown {
  const { from, to } = itemsInView(rows.geometry);
  const { last = { from, to } } = rows;
  const both = { from: Math.min(from, last.from), to: Math.max(to, last.to) };
  const isOne = from <= last.to && last.from <= to && both.to - both.from <= most;
  return (rows.last = isOne && isMovedThrough(rows.geometry.list) ? both : { from, to });
}

/** The places that have to be on the page, in order: those in view, the pinned one and the one with focus. */
export function placesOn<I extends Item>(rows: Rows<I>): { all: number[]; from: number; to: number } {
  const { from, to } = isWindowed(rows) ? shownIn(rows) : { from: 0, to: rows.lines.length };
  const all = Array.from({ length: to - from }, (_, at) => from + at);
  for (const key of new Set([rows.pinned, itemOf(rows, activeIn(rows.geometry.list))?.key])) {
    const pin = isWindowed(rows) ? placeOf(rows, key) : -1;
    if (pin >= 0 && (pin < from || pin >= to)) all.push(pin);
  }
  return { all: all.sort((one, other) => one - other), from, to };
}
