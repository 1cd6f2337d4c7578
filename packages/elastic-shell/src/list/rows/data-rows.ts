// Rows made from data: those in view and a few around them, reused as the list scrolls; the row with the tab stop stays.
import { indexOf, type Item } from '../../core/collection/items.js';
import { type Heights, heights, rowsShown, scrollFor, type Shown } from '../../core/collection/window.js';
import { activeIn } from '../../focus/focusable.js';
import { onResize } from '../../events/resize.js';
import { nest, type Nested } from './arrange.js';
import { groupsIn, type Line, linesOf } from './lines.js';
import { fillRow, makeIn, makeRow, type Row, type RowRules } from './row.js';
import type { Rows } from './rows.js';

export type { RowOptions } from './row.js';

export interface DataRows<I extends Item> extends Rows {
  items(): readonly I[];
  set(items: readonly I[]): void;
  /** Rows side by side in a grid of which those in view are on the page; 0 where all are. */
  across(): number;
  release(): void;
}

/** Rows up to this many are all on the page. */
const most = 200;
/** Pixels of a row and of a list, as long as nobody can tell. */
const usualRow = 32;
const usualList = 400;

export function dataRows<I extends Item>(list: HTMLElement, rules: RowRules<I>): DataRows<I> {
  const document = list.ownerDocument;
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
  const { grid: gridOf } = rules;
  let isMeasured = rules.rowHeight === 'measured';
  /** Rows side by side. */
  let across = 1;
  /** Those on the page that lie as the page lays them out, in order. */
  let flow: HTMLElement[] = [];
  let height = 0;
  let width = 0;
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

  // With headings between them rows of a grid have no one place each.
  const isWindowed = (): boolean => lines.length > most && !(gridOf && lines !== items);
  const freshHeights = (): Heights => heights(Math.ceil(lines.length / across), usual);
  const topOf = (at: number): number => tall.top(Math.floor(at / across));
  const placeOf = (key: string | undefined): number =>
    lines === items ? indexOf(items, key) : lines.findIndex((line) => 'key' in line && line.key === key);

  const stand = (element: HTMLElement, at: number, isAway = false): void => {
    if (gridOf) element.toggleAttribute('data-away', isAway);
    const top = isWindowed() && isAway === !!gridOf ? `${topOf(at)}px` : '';
    if (element.style.getPropertyValue('--shell-top') !== top) element.style.setProperty('--shell-top', top);
  };

  const of = (target: EventTarget | null): I | undefined => {
    for (let at = target as Element | null; at && at !== list; at = at.parentElement)
      if (known.has(at)) return known.get(at)!.item;
    return undefined;
  };

  /** The places in view, and some around them. */
  const range = (): Shown => {
    if (!isWindowed()) return { from: 0, to: lines.length };
    const { from, to } = rowsShown(tall, scroll - above, height || usualList);
    return { from: from * across, to: Math.min(lines.length, to * across) };
  };
  /** The places that have to be on the page, in order. */
  const wanted = ({ from, to } = range()): number[] => {
    const all = Array.from({ length: to - from }, (_, at) => from + at);
    for (const key of new Set([pinned, of(activeIn(list))?.key])) {
      const pin = isWindowed() ? placeOf(key) : -1;
      if (pin >= 0 && (pin < from || pin >= to)) all.push(pin);
    }
    return all.sort((one, other) => one - other);
  };

  const draw = (): void => {
    list.toggleAttribute('data-windowed', isWindowed());
    sizer.style.setProperty('--shell-size', isWindowed() ? `${tall.total}px` : 'auto');
    const seen = range();
    if (gridOf) sizer.style.setProperty('--shell-above', isWindowed() ? `${topOf(seen.from)}px` : '');
    const all = wanted(seen);
    const before = rows;
    const keys = new Set(all.map((at) => (lines[at] as I).key));
    for (const [key, row] of before) if (!keys.has(key)) spare.push(row);
    rows = new Map();
    flow = [];
    const nested: Nested[] = [];
    for (const at of all) {
      const line = lines[at]!;
      const name = 'key' in line ? line.group : line.heading;
      const group = name ? groupOf(name) : undefined;
      if (!('key' in line)) {
        stand(group!.heading, at);
        nested.push([undefined, group]);
        continue;
      }
      const row = before.get(line.key) ?? spare.pop() ?? makeRow<I>(make, rules);
      known.set(row.element, row);
      rows.set(line.key, row);
      fillRow(make, rules, row, line);
      const isAway = at < seen.from || at >= seen.to;
      stand(row.element, at, !!gridOf && isAway);
      if (!isAway) flow.push(row.element);
      nested.push([row.element, group]);
    }
    spare = spare.slice(0, 40);
    nest(sizer, nested);
  };

  /** Takes how many lie side by side; what is in view stays there. */
  const measureGrid = (): boolean => {
    const grid = gridOf?.(flow);
    if (!grid || (grid.across === across && Math.abs(grid.pitch - usual) < 0.1)) return false;
    const first = tall.at(scroll - above) * across;
    across = grid.across;
    usual = grid.pitch;
    tall = freshHeights();
    if (scroll > above) scrollTo(topOf(first) + above);
    return true;
  };
  const settle = (): void => {
    isSame = !!rows.size && !!height;
  };
  /** Takes the heights of what shows; true when a row stands elsewhere for it. */
  const measure = (): boolean => {
    if (!isWindowed() || !height) return false;
    above = sizer.offsetTop;
    if (gridOf) return measureGrid();
    if (!isMeasured) {
      const own = rows.values().next().value?.element.offsetHeight || usual;
      if (own === usual) return false;
      usual = own;
      tall = freshHeights();
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

  /** Draws what is in view, with the row at `place` in view if there is one: again where heights turn out to be others, but hardly twice. */
  const drawMeasured = (place = -1): void => {
    for (let turn = 0; turn < 3; turn++) {
      const row = Math.floor(place / across);
      if (place >= 0) scrollTo(row && scrollFor(tall, row, scroll - above, height || usualList) + above);
      draw();
      const first = tall.at(Math.max(0, scroll - above));
      const top = tall.top(first);
      if ((isSame && !isMeasured) || !measure()) break;
      if (!gridOf) settle();
      // What is in view stays where it is, however high the rows above it turn out to be.
      if (isMeasured && place < 0) scrollTo(scroll + tall.top(first) - top);
    }
    settle();
  };

  const onScroll = (): void => {
    const { scrollTop } = list;
    if (!isWindowed() || scrollTop === scroll) return;
    const { from, to } = rowsShown(tall, scroll - above, height || usualList, 0);
    scroll = scrollTop;
    const now = rowsShown(tall, scroll - above, height || usualList, 0);
    if (now.from !== from || now.to !== to) shifted?.();
  };
  list.addEventListener('scroll', onScroll, { passive: true });
  const unwatch = onResize([list], () => {
    const { clientHeight, clientWidth } = list;
    // A list that is hidden will show at the height it had.
    if (!clientHeight || (clientHeight === height && (!gridOf || clientWidth === width))) return;
    height = clientHeight;
    width = clientWidth;
    // Here the page is laid out: what shows is measured before anything is drawn.
    measure();
    settle();
    if (isWindowed()) shifted?.();
  });

  return {
    items: () => items,
    of,
    elementOf: (key) => rows.get(key!)?.element,
    *shown() {
      for (const row of rows.values()) yield [row.item!, row.element];
    },
    set(next) {
      const first = isWindowed() && scroll > 0 ? tall.at(scroll - above) : -1;
      const line = lines[first * across];
      const offset = first < 0 ? 0 : scroll - tall.top(first);
      items = next;
      lines = linesOf(items);
      isMeasured = !gridOf && (rules.rowHeight === 'measured' || lines !== items);
      tall = freshHeights();
      const at = line && 'key' in line ? placeOf(line.key) : -1;
      const end = Math.max(0, tall.total - (height || usualList));
      if (isWindowed()) scrollTo(Math.min(end, at < 0 ? scroll : topOf(at) + offset));
      else scroll = 0;
    },
    update(stop, reveal) {
      pinned = stop;
      // Once it is known, or known to be hidden, the observer tells of another.
      if (isWindowed() && !isSeen) height = list.clientHeight;
      isSeen ||= isWindowed();
      drawMeasured(reveal && isWindowed() ? placeOf(stop) : -1);
      if (reveal && !isWindowed()) rows.get(stop!)?.element.scrollIntoView?.({ block: 'nearest' });
    },
    refresh() {},
    page() {
      const row = gridOf ? gridOf(flow)?.pitch : rows.values().next().value?.element.offsetHeight;
      return Math.max(1, Math.floor((list.clientHeight || usualList) / (row || usual)) - 1);
    },
    across: () => (isWindowed() ? across : 0),
    follow(_, next) {
      shifted = next;
      return () => void (shifted = undefined);
    },
    release() {
      list.removeEventListener('scroll', onScroll);
      list.removeAttribute('data-windowed');
      unwatch();
      sizer.remove();
    },
  };
}
