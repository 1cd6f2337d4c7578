// The rows of a list from data that are on the page: which ones must be there, and the position of each item.
import { indexOf, type Item } from '../../core/collection/items.js';
import { isElement } from '../../engine/dom.js';
import { activeIn } from '../../focus/focusable.js';
import type { Shown } from '../../core/collection/window.js';
import { type Geometry, itemsInView } from './geometry.js';
import { type Group, isItem, type Line } from './lines.js';
import type { Make, Row, RowRules } from './row.js';

/** The number of rows up to which all are on the page. */
const most = 200;

/** The rows of one list. */
export interface Rows<I extends Item> {
  geometry: Geometry;
  rules: RowRules<I>;
  make: Make;
  groupOf(name: string): Group;
  items: readonly I[];
  lines: readonly Line<I>[];
  /** The rows on the page by the key of their item, and all rows by their element. */
  byKey: Map<string, Row<I>>;
  known: WeakMap<Element, Row<I>>;
  spare: Row<I>[];
  /** The rows that the page lays out, in order. */
  flow: HTMLElement[];
  isMeasured: boolean;
  /** The height of a row was measured, and nothing has changed since. */
  isSettled: boolean;
  pinned: string | undefined;
  /** The positions that were on the page last, until the items change. */
  last: Shown | undefined;
}

/**
 * Whether only the visible rows are on the page. With headings between them, the rows of a grid don't have a
 * fixed position.
 */
export const isWindowed = <I extends Item>({ lines, items, rules }: Rows<I>): boolean =>
  lines.length > most && !(rules.grid && lines !== items);

/** Returns the line of an item, or -1 if there is none. */
export const placeOf = <I extends Item>({ lines, items }: Rows<I>, key: string | undefined): number =>
  lines === items ? indexOf(items, key) : lines.findIndex((line) => isItem(line) && line.key === key);

/** Returns the item whose row contains an element. */
export const itemOf = <I extends Item>(rows: Rows<I>, target: EventTarget | null): I | undefined => {
  let at: Element | null = isElement(target) ? target : null;
  while (at && at !== rows.geometry.list && !rows.known.has(at)) at = at.parentElement;
  return at ? rows.known.get(at)?.item : undefined;
};

/**
 * Returns whether keys move through the list: it has focus, or the focused element refers to its current
 * option.
 */
const isMovedThrough = (list: Element): boolean => {
  const active = activeIn(list);
  return !!active && (list.contains(active) || active.hasAttribute('aria-activedescendant'));
};

/**
 * Returns the visible positions. While keys move through the list, it includes the previous ones as long as
 * there is no gap and they are not too many. Orca treats the removal of any row as the removal of the row
 * that it reads, and reads the list again. So rows are removed seldom, and then many at once.
 */
function shownIn<I extends Item>(rows: Rows<I>): Shown {
  const { from, to } = itemsInView(rows.geometry);
  const { last = { from, to } } = rows;
  const both = { from: Math.min(from, last.from), to: Math.max(to, last.to) };
  const isOne = from <= last.to && last.from <= to && both.to - both.from <= most;
  return (rows.last = isOne && isMovedThrough(rows.geometry.list) ? both : { from, to });
}

/**
 * Returns the positions that must be on the page, in order: the visible ones, the pinned one and the one with
 * focus.
 */
export function placesOn<I extends Item>(rows: Rows<I>): { all: number[]; from: number; to: number } {
  const { from, to } = isWindowed(rows) ? shownIn(rows) : { from: 0, to: rows.lines.length };
  const all = Array.from({ length: to - from }, (_, at) => from + at);
  for (const key of new Set([rows.pinned, itemOf(rows, activeIn(rows.geometry.list))?.key])) {
    const pin = isWindowed(rows) ? placeOf(rows, key) : -1;
    if (pin >= 0 && (pin < from || pin >= to)) all.push(pin);
  }
  return { all: all.sort((one, other) => one - other), from, to };
}
