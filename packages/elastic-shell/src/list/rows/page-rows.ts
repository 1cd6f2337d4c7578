// The rows of a list from data as they are on the page: which have to be there, and where each item stands.
import { indexOf, type Item } from '../../core/collection/items.js';
import { isElement } from '../../engine/dom.js';
import { activeIn } from '../../focus/focusable.js';
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

/** The places that have to be on the page, in order: those in view, the pinned one and the one with focus. */
export function placesOn<I extends Item>(rows: Rows<I>): { all: number[]; from: number; to: number } {
  const { from, to } = isWindowed(rows) ? itemsInView(rows.geometry) : { from: 0, to: rows.lines.length };
  const all = Array.from({ length: to - from }, (_, at) => from + at);
  for (const key of new Set([rows.pinned, itemOf(rows, activeIn(rows.geometry.list))?.key])) {
    const pin = isWindowed(rows) ? placeOf(rows, key) : -1;
    if (pin >= 0 && (pin < from || pin >= to)) all.push(pin);
  }
  return { all: all.sort((one, other) => one - other), from, to };
}
