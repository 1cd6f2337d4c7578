// Rows made from data: those in view and a few around them, reused as the list scrolls; the row with the tab stop stays,
// and so does the one with focus. Up to some hundred rows are all on the page.
//
// Where lines stand is the geometry's business (`geometry.ts`), which rows have to be on the page that of `page-rows.ts`, and
// their heights are taken in `measure.ts`. It is drawn, measured, and drawn again where heights turn out to be others.
import type { Item } from '../../core/collection/items.js';
import { described } from '../../engine/dom.js';
import { tellError } from '../../engine/report-error.js';
import { listen } from '../../events/listen.js';
import { onResize } from '../../events/resize.js';
import { type Items, type ItemsHeard, rowsIn } from '../items.js';
import { nest, type Nested } from './arrange.js';
import {
  firstInView,
  followScroll,
  followSize,
  geometryOf,
  heightOf,
  resetHeights,
  scrollTo,
  scrollToItem,
  topOf,
} from './geometry.js';
import { groupsIn, isItem, linesOf } from './lines.js';
import { livesIn } from './lives.js';
import { measure } from './measure.js';
import { isWindowed, itemOf, placeOf, placesOn, type Rows } from './page-rows.js';
import { emptyRow, fillRow, makeIn, makeRow, type RowOptions, type RowRules } from './row.js';

export type { RowOptions } from './row.js';

/** Items made from data, of which those in view are on the page. */
export interface DataRows<I extends Item> extends Items {
  items(): readonly I[];
  set(items: readonly I[]): void;
  /** Rows side by side in a grid of which those in view are on the page; 0 where all are. */
  across(): number;
  /** Whether the rows are still in their list. */
  stands(): boolean;
  /** What stands in rows is made anew when they are next drawn. */
  renderAgain(): void;
  release(): void;
}

/** Rows that are kept for reuse. */
const mostSpare = 40;

/** Nobody follows the rows. */
const unheard: Pick<ItemsHeard, 'shifted' | 'described'> = { shifted() {}, described() {} };

/** Puts an element where its line stands; in a grid only one that is away from those in view. */
function stand<I extends Item>(rows: Rows<I>, element: HTMLElement, at: number, isAway = false): void {
  const isGrid = !!rows.rules.grid;
  if (isGrid) element.toggleAttribute('data-away', isAway);
  const top = isWindowed(rows) && isAway === isGrid ? `${topOf(rows.geometry, at)}px` : '';
  if (element.style.getPropertyValue('--shell-top') !== top) element.style.setProperty('--shell-top', top);
}

/** Puts the lines that have to be there onto the page; true when other rows are there than before. */
function draw<I extends Item>(rows: Rows<I>): boolean {
  const { geometry, rules, make, groupOf, byKey: before, known, lines } = rows;
  const { list, sizer, tall } = geometry;
  const { all, from, to } = placesOn(rows);
  list.toggleAttribute('data-windowed', isWindowed(rows));
  sizer.style.setProperty('--shell-size', isWindowed(rows) ? `${tall.total}px` : 'auto');
  if (rules.grid)
    sizer.style.setProperty('--shell-above', isWindowed(rows) ? `${topOf(geometry, from)}px` : '');
  const keys = new Set(all.flatMap((at) => (isItem(lines[at]) ? [lines[at].key] : [])));
  const gone = [...before].filter(([key]) => !keys.has(key)).map(([, row]) => row);
  rows.spare.push(...gone);
  rows.byKey = new Map();
  rows.flow = [];
  let isOther = gone.length > 0;
  const nested = all.flatMap((at): Nested[] => {
    const line = lines[at];
    if (!line) return [];
    if (!isItem(line)) {
      const group = groupOf(line.heading);
      stand(rows, group.heading, at);
      return [[undefined, group]];
    }
    const row = before.get(line.key) ?? rows.spare.pop() ?? makeRow<I>(make, rules);
    known.set(row.element, row);
    rows.byKey.set(line.key, row);
    isOther = fillRow(make, rules, row, line) || isOther;
    const isAway = at < from || at >= to;
    stand(rows, row.element, at, !!rules.grid && isAway);
    if (!isAway) rows.flow.push(row.element);
    return [[row.element, line.group ? groupOf(line.group) : undefined]];
  });
  rows.spare = rows.spare.slice(0, mostSpare);
  // What lives in a row lives no longer than that is on the page. What was only scrolled out was taken over above.
  const used = new Set(rows.byKey.values());
  for (const row of gone) if (!used.has(row)) emptyRow(row);
  nest(sizer, nested);
  return isOther;
}

const settle = <I extends Item>(rows: Rows<I>): void => {
  rows.isSettled = !!rows.byKey.size && !!rows.geometry.height;
};

/**
 * Draws what is in view, scrolled to the row at `place` if there is one. When the rows turn out to be higher or lower than
 * was thought, it is drawn again, three times at most.
 */
function drawMeasured<I extends Item>(rows: Rows<I>, place = -1): boolean {
  const { geometry, rules } = rows;
  let isOther = false;
  for (let turn = 0; turn < 3; turn++) {
    if (place >= 0) scrollToItem(geometry, place);
    isOther = draw(rows) || isOther;
    const first = firstInView(geometry);
    const top = topOf(geometry, first);
    if ((rows.isSettled && !rows.isMeasured) || !isWindowed(rows) || !measure(rows)) break;
    if (!rules.grid) settle(rows);
    // What is in view stays where it is, however high the rows above it turn out to be.
    if (rows.isMeasured && place < 0) scrollTo(geometry, geometry.scroll + topOf(geometry, first) - top);
  }
  settle(rows);
  return isOther;
}

/** Other items; the line in view stays in view, where it is still there. */
function setItems<I extends Item>(rows: Rows<I>, next: readonly I[]): void {
  const { geometry, rules } = rows;
  const isScrolled = isWindowed(rows) && geometry.scroll > 0;
  const first = isScrolled ? firstInView(geometry) : -1;
  const line = rows.lines[first];
  const offset = isScrolled ? geometry.scroll - topOf(geometry, first) : 0;
  rows.items = next;
  rows.last = undefined;
  rows.lines = linesOf(next);
  rows.isMeasured = !rules.grid && (rules.rowHeight === 'measured' || rows.lines !== next);
  geometry.count = rows.lines.length;
  resetHeights(geometry);
  const at = isItem(line) ? placeOf(rows, line.key) : -1;
  const end = Math.max(0, geometry.tall.total - heightOf(geometry));
  if (isWindowed(rows))
    scrollTo(geometry, Math.min(end, at < 0 ? geometry.scroll : topOf(geometry, at) + offset));
  else geometry.scroll = 0;
}

const rowHeightOf = <I extends Item>({ rules, flow, byKey }: Rows<I>): number | undefined =>
  rules.grid ? rules.grid(flow)?.pitch : byKey.values().next().value?.element.offsetHeight;

/** How rows are made and filled, by options that may be others each time. */
const rulesOf = <I extends Item>(
  options: RowOptions<I>,
  more: Omit<RowRules<I>, keyof RowOptions>,
): RowRules<I> => ({
  ...more,
  render: (item) => options.render?.(item),
  get rowHeight() {
    return options.rowHeight ?? 'same';
  },
});

/** Reports items in the markup of a list that is given items as data: both would show. */
function refuseOthers(list: HTMLElement): void {
  const other = list.querySelector('[role=option],[role=treeitem],[data-key]');
  if (other)
    tellError(
      new TypeError(
        `elastic-shell: ${described(list)} has both items and ${described(other)} in its markup; remove one of the two`,
      ),
    );
}

/** Rows in `list`, made as `options` say whenever one is made or filled, and as `more` says. */
export function dataRows<I extends Item>(
  list: HTMLElement,
  options: RowOptions<I>,
  more: Omit<RowRules<I>, keyof RowOptions> = {},
): DataRows<I> {
  const rules = rulesOf(options, more);
  const make = makeIn(list.ownerDocument);
  const sizer = make('data-rows', 'presentation');
  const geometry = geometryOf(list, sizer);
  const rows: Rows<I> = {
    geometry,
    rules,
    make,
    groupOf: groupsIn(make),
    items: [],
    lines: [],
    byKey: new Map(),
    known: new WeakMap(),
    spare: [],
    flow: [],
    isMeasured: rules.rowHeight === 'measured',
    isSettled: false,
    pinned: undefined,
    last: undefined,
  };
  let isSeen = false;
  /** Has the list drawn again, with what is wanted of each row. */
  let heard = unheard;
  refuseOthers(list);
  list.append(sizer);
  const lives = livesIn(rows, () => heard);
  const releases = [
    listen(list, { scroll: () => isWindowed(rows) && followScroll(geometry) && heard.shifted() }),
    onResize([list], () => {
      if (!followSize(geometry, !!rules.grid)) return;
      // Here the page is laid out: what shows is measured before anything is drawn.
      if (isWindowed(rows)) measure(rows);
      settle(rows);
      if (isWindowed(rows)) heard.shifted();
    }),
  ];
  return {
    items: () => rows.items,
    of: (target) => itemOf(rows, target),
    elementOf: (key) => (key === undefined ? undefined : rows.byKey.get(key)?.element),
    *shown() {
      for (const { item, element } of rows.byKey.values()) if (item) yield [item, element];
    },
    set: (next) => setItems(rows, next),
    update(stop, reveal) {
      rows.pinned = stop;
      // Once it is known, or known to be hidden, the observer tells of another.
      if (isWindowed(rows) && !isSeen) geometry.height = list.clientHeight;
      isSeen ||= isWindowed(rows);
      const isOther = drawMeasured(rows, reveal && isWindowed(rows) ? placeOf(rows, stop) : -1);
      if (isOther) lives.follow();
      if (reveal && !isWindowed(rows) && stop !== undefined)
        rows.byKey.get(stop)?.element.scrollIntoView?.({ block: 'nearest' });
      return isOther;
    },
    refresh() {},
    page: () => rowsIn(list.clientHeight || heightOf(geometry), rowHeightOf(rows) || geometry.usual),
    renderAgain: lives.renew,
    stands: () => sizer.parentNode === list,
    across: () => (isWindowed(rows) ? geometry.across : 0),
    follow(next) {
      heard = next;
      return () => (heard = unheard);
    },
    release() {
      releases.forEach((release) => release());
      lives.release();
      list.removeAttribute('data-windowed');
      sizer.remove();
    },
  };
}
