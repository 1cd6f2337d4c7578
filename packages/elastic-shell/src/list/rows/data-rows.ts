// Rows created from data: the visible rows and a few around them, reused as the list scrolls. The row with
// the tab stop and the row with focus stay. Up to some hundred rows are all on the page. The position of
// lines is computed in `geometry.ts`, the rows that must be on the page in `page-rows.ts`, and their heights
// in `measure.ts`. Rows are drawn, measured, and drawn again if their heights differ from the estimate.
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

/** Items created from data, of which the visible ones are on the page. */
export interface DataRows<I extends Item> extends Items {
  items(): readonly I[];
  set(items: readonly I[]): void;
  /** The number of rows beside each other in a grid with more items than are on the page. Otherwise 0. */
  across(): number;
  /** Returns whether the rows are still in their list. */
  stands(): boolean;
  /** Creates the content of rows again when they are next drawn. */
  renderAgain(): void;
  release(): void;
}

/** Rows that are kept for reuse. */
const mostSpare = 40;

/** No listener follows the rows. */
const unheard: Pick<ItemsHeard, 'shifted' | 'described'> = { shifted() {}, described() {} };

/** Positions the element of a line. In a grid, only elements away from the visible ones are positioned. */
function stand<I extends Item>(rows: Rows<I>, element: HTMLElement, at: number, isAway = false): void {
  const isGrid = !!rows.rules.grid;
  if (isGrid) element.toggleAttribute('data-away', isAway);
  const top = isWindowed(rows) && isAway === isGrid ? `${topOf(rows.geometry, at)}px` : '';
  if (element.style.getPropertyValue('--shell-top') !== top) element.style.setProperty('--shell-top', top);
}

/** Puts the required lines onto the page. Returns true if the rows differ from before. */
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
  // The component in a row lives only as long as the row is on the page. Those of rows that were scrolled out
  // are reused above.
  const used = new Set(rows.byKey.values());
  for (const row of gone) if (!used.has(row)) emptyRow(row);
  nest(sizer, nested);
  return isOther;
}

const settle = <I extends Item>(rows: Rows<I>): void => {
  rows.isSettled = !!rows.byKey.size && !!rows.geometry.height;
};

/**
 * Draws the visible rows, scrolled to the row at `place` if there is one. If the heights differ from the
 * estimate it draws again, at most three times.
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
    // The visible rows stay in place, whatever height the rows above turn out to have.
    if (rows.isMeasured && place < 0) scrollTo(geometry, geometry.scroll + topOf(geometry, first) - top);
  }
  settle(rows);
  return isOther;
}

/** Takes other items. The first visible line stays visible if it still exists. */
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

/** How rows are created and filled, with options that may differ each time. */
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

/** Reports items in the markup of a list that also has items as data, because both would be shown. */
function refuseOthers(list: HTMLElement): void {
  const other = list.querySelector('[role=option],[role=treeitem],[data-key]');
  if (other)
    tellError(
      new TypeError(
        `elastic-shell: ${described(list)} has both items and ${described(other)} in its markup; remove one of the two`,
      ),
    );
}

/**
 * Creates the rows of `list`.
 *
 * @param list - The element that contains the rows.
 * @param options - The options, read whenever a row is created or filled.
 * @param more - What the pattern adds.
 * @returns The items.
 */
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
  /** Draws the list again, with the attributes of each row. */
  let heard = unheard;
  refuseOthers(list);
  list.append(sizer);
  const lives = livesIn(rows, () => heard);
  const releases = [
    listen(list, { scroll: () => isWindowed(rows) && followScroll(geometry) && heard.shifted() }),
    onResize([list], () => {
      if (!followSize(geometry, !!rules.grid)) return;
      // This makes the browser lay out the page, so visible rows are measured before anything is drawn.
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
      // When the size is known, or the list is known to be hidden, the observer reports another one.
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
