// Rows made from data: those in view and a few around them, reused as the list scrolls; the row with the tab stop stays.
import { indexOf, type Item } from '../../core/collection/items.js';
import { type Heights, heights, rowsShown, scrollFor } from '../../core/collection/window.js';
import { tell } from '../../core/report.js';
import { activeIn } from '../focus.js';
import { arrange } from './arrange.js';
import { groupsIn, type Line, linesOf } from './lines.js';
import { fillRow, makeIn, makeRow, type Row, type RowRules } from './row.js';
import type { Rows } from './rows.js';

export type { RowOptions } from './row.js';

export interface DataRows<I extends Item> extends Rows {
  items(): readonly I[];
  set(items: readonly I[]): void;
  release(): void;
}

/** Rows up to this many are all on the page. */
const most = 200;
/** Pixels of a row and of a list, as long as nobody can tell. */
const usualRow = 32;
const usualList = 400;

export function dataRows<I extends Item>(list: HTMLElement, rules: RowRules<I>): DataRows<I> {
  const document = list.ownerDocument;
  const view = document.defaultView!;
  const make = makeIn(document);
  const sizer = make('data-rows', 'presentation');
  const groupOf = groupsIn(make);
  const known = new WeakMap<Element, Row<I>>();
  let rows = new Map<string, Row<I>>();
  let spare: Row<I>[] = [];
  let items: readonly I[] = [];
  let lines: readonly Line<I>[] = [];
  let tall: Heights = heights(0, usualRow);
  let usual = usualRow;
  let isMeasured = rules.rowHeight === 'measured';
  let height = 0;
  let isSeen = false;
  /** The height of a row has been seen, and nothing has changed since. */
  let isSame = false;
  let scroll = 0;
  /** Pixels of padding above the first row. */
  let above = 0;
  let pinned: string | undefined;
  /** Has the list drawn again, with what is wanted of each row. */
  let shifted: (() => void) | undefined;
  list.append(sizer);

  const isWindowed = (): boolean => lines.length > most;
  const lineOf = (key: string | undefined): number =>
    lines === items ? indexOf(items, key) : lines.findIndex((line) => 'key' in line && line.key === key);

  const newRow = (): Row<I> => {
    const row = makeRow(make, rules);
    known.set(row.element, row);
    return row;
  };
  const stand = (element: HTMLElement, at: number): void => {
    const top = isWindowed() ? `${tall.top(at)}px` : '';
    if (element.style.getPropertyValue('--shell-top') !== top) element.style.setProperty('--shell-top', top);
  };

  const of = (target: EventTarget | null): I | undefined => {
    for (let at = target as Element | null; at && at !== list; at = at.parentElement)
      if (known.has(at)) return known.get(at)!.item;
    return undefined;
  };

  /** The lines that have to be on the page, in order. */
  const wanted = (): number[] => {
    const { from, to } = isWindowed()
      ? rowsShown(tall, scroll - above, height || usualList)
      : { from: 0, to: lines.length };
    const all = Array.from({ length: to - from }, (_, at) => from + at);
    for (const key of new Set([pinned, of(activeIn(list))?.key])) {
      const pin = isWindowed() ? lineOf(key) : -1;
      if (pin >= 0 && (pin < from || pin >= to)) all.push(pin);
    }
    return all.sort((one, other) => one - other);
  };

  const draw = (): void => {
    list.toggleAttribute('data-windowed', isWindowed());
    sizer.style.setProperty('--shell-size', isWindowed() ? `${tall.total}px` : 'auto');
    const all = wanted();
    const before = rows;
    const keys = new Set(all.map((at) => (lines[at] as I).key));
    for (const [key, row] of before) if (!keys.has(key)) spare.push(row);
    rows = new Map();
    const tops: Element[] = [];
    const inside = new Map<Element, Element[]>();
    for (const at of all) {
      const line = lines[at]!;
      const name = 'key' in line ? line.group : line.heading;
      let siblings = tops;
      if (name) {
        const { element, heading } = groupOf(name);
        if (!inside.has(element)) {
          inside.set(element, [heading]);
          tops.push(element);
        }
        siblings = inside.get(element)!;
        if (!('key' in line)) stand(heading, at);
      }
      if (!('key' in line)) continue;
      const row = before.get(line.key) ?? spare.pop() ?? newRow();
      rows.set(line.key, row);
      fillRow(make, rules, row, line);
      stand(row.element, at);
      siblings.push(row.element);
    }
    spare = spare.slice(0, 40);
    arrange(sizer, tops);
    for (const [element, children] of inside) arrange(element, children);
  };

  const settle = (): void => {
    isSame = !!rows.size && !!height;
  };
  /** Takes the heights of what shows; true when a row stands elsewhere for it. */
  const measure = (): boolean => {
    if (!isWindowed() || !height) return false;
    above = sizer.offsetTop;
    if (!isMeasured) {
      const own = rows.values().next().value?.element.offsetHeight || usual;
      if (own === usual) return false;
      usual = own;
      tall = heights(lines.length, usual);
      return true;
    }
    let moved = false;
    for (const at of wanted()) {
      const line = lines[at]!;
      const element = 'key' in line ? rows.get(line.key)?.element : groupOf(line.heading).heading;
      if (element?.offsetHeight) moved = tall.measure(at, element.offsetHeight) || moved;
    }
    return moved;
  };
  const scrollTo = (to: number): void => {
    if (to === scroll) return;
    scroll = to;
    sizer.style.setProperty('--shell-size', `${tall.total}px`);
    list.scrollTop = to;
  };

  /** Draws what is in view, with `row` in view if there is one: again where heights turn out to be others, but hardly twice. */
  const drawMeasured = (row = -1): void => {
    const isKnown = (): boolean => !isMeasured && isSame;
    for (let turn = 0; turn < 3; turn++) {
      if (row >= 0) scrollTo(row && scrollFor(tall, row, scroll - above, height || usualList) + above);
      draw();
      const first = tall.at(Math.max(0, scroll - above));
      const top = tall.top(first);
      if (isKnown() || !measure()) break;
      settle();
      // What is in view stays where it is, however high the rows above it turn out to be.
      if (isMeasured && row < 0) scrollTo(scroll + tall.top(first) - top);
    }
    settle();
  };

  const onScroll = (): void => {
    const { scrollTop } = list;
    if (!isWindowed() || scrollTop === scroll) return;
    const { from, to } = rowsShown(tall, scroll - above, height || usualList, 0);
    scroll = scrollTop;
    const now = rowsShown(tall, scroll - above, height || usualList, 0);
    if (now.from === from && now.to === to) return;
    shifted?.();
  };
  list.addEventListener('scroll', onScroll, { passive: true });
  const sizes =
    'ResizeObserver' in view
      ? new view.ResizeObserver(() => {
          // A list that is hidden will show at the height it had.
          if (!list.clientHeight || list.clientHeight === height) return;
          height = list.clientHeight;
          // Here the page is laid out: what shows is measured before anything is drawn.
          measure();
          settle();
          if (isWindowed()) shifted?.();
        })
      : undefined;
  sizes?.observe(list);

  return {
    items: () => items,
    of,
    elementOf: (key) => rows.get(key!)?.element,
    *shown() {
      for (const row of rows.values()) yield [row.item!, row.element];
    },
    set(next) {
      const first = isWindowed() && scroll > 0 ? tall.at(scroll - above) : -1;
      const line = lines[first];
      const offset = first < 0 ? 0 : scroll - tall.top(first);
      items = next;
      lines = linesOf(items);
      isMeasured = rules.rowHeight === 'measured' || lines !== items;
      tall = heights(lines.length, usual);
      const at = line && 'key' in line ? lineOf(line.key) : -1;
      const end = Math.max(0, tall.total - (height || usualList));
      if (isWindowed()) scrollTo(Math.min(end, at < 0 ? scroll : tall.top(at) + offset));
      else scroll = 0;
    },
    update(stop, reveal) {
      pinned = stop;
      // Once it is known, or known to be hidden, the observer tells of another.
      if (isWindowed() && !isSeen) height = list.clientHeight;
      isSeen ||= isWindowed();
      drawMeasured(reveal && isWindowed() ? lineOf(stop) : -1);
      if (reveal && !isWindowed()) rows.get(stop!)?.element.scrollIntoView?.({ block: 'nearest' });
    },
    refresh() {},
    page() {
      const row = rows.values().next().value?.element.offsetHeight || usual;
      return Math.max(1, Math.floor((list.clientHeight || usualList) / row) - 1);
    },
    follow(_, next) {
      shifted = next;
      return () => {
        shifted = undefined;
      };
    },
    release() {
      list.removeEventListener('scroll', onScroll);
      list.removeAttribute('data-windowed');
      sizes?.disconnect();
      sizer.remove();
    },
  };
}

/** `items` without those whose key has come before: that is told to the journal. */
export function unlike<I extends Item>(list: Element, items: readonly I[]): readonly I[] {
  const seen = new Set<string>();
  for (const { key } of items) seen.add(key);
  if (seen.size === items.length) return items;
  seen.clear();
  return items.filter(({ key }) => {
    if (seen.has(key)) tell('key-duplicate', list, key);
    return !seen.has(key) && seen.add(key);
  });
}
