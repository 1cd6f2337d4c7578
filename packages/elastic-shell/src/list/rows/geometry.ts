// The geometry of a list from data: where each line stands, which are in view, and how the list is scrolled. Lines are
// all of one height, or each is measured when it shows, or several items lie side by side in one line (a grid).
import { type Heights, heights, rowsShown, scrollFor, type Shown } from '../../core/collection/window.js';

/** Pixels of a row and of a list, until they are measured. */
const usualRow = 32;
const usualList = 400;

/** Where the lines of a list stand, in pixels. */
export interface Geometry {
  list: HTMLElement;
  /** The element that is as high as all lines together. */
  sizer: HTMLElement;
  /** Items, all in all, and how many lie side by side. */
  count: number;
  across: number;
  /** Heights of the lines; and of a line that is not measured. */
  tall: Heights;
  usual: number;
  /** The list's own size in pixels, 0 until it is measured; and how far it is scrolled. */
  height: number;
  width: number;
  scroll: number;
  /** Pixels above the first line: the list's padding. */
  above: number;
}

/** The geometry of a list that holds nothing yet. */
export const geometryOf = (list: HTMLElement, sizer: HTMLElement): Geometry => ({
  list,
  sizer,
  count: 0,
  across: 1,
  tall: heights(0, usualRow),
  usual: usualRow,
  height: 0,
  width: 0,
  scroll: 0,
  above: 0,
});

/** Forgets what was measured of the lines. */
export const resetHeights = (geometry: Geometry): void => {
  geometry.tall = heights(Math.ceil(geometry.count / geometry.across), geometry.usual);
};

/** Pixels in which lines can be seen. */
export const heightOf = ({ height }: Geometry): number => height || usualList;

/** Where the line of the item at `at` begins. */
export const topOf = ({ tall, across }: Geometry, at: number): number => tall.top(Math.floor(at / across));

/** The first line in view, as the place of its first item. */
export const firstInView = ({ tall, scroll, above, across }: Geometry): number =>
  tall.at(Math.max(0, scroll - above)) * across;

/** The lines in view, with `overscan` more on each side. Default: 4. */
export const linesInView = (geometry: Geometry, overscan?: number): Shown =>
  rowsShown(geometry.tall, geometry.scroll - geometry.above, heightOf(geometry), overscan);

/** The items in view, and some around them. */
export const itemsInView = (geometry: Geometry): Shown => {
  const { from, to } = linesInView(geometry);
  return { from: from * geometry.across, to: Math.min(geometry.count, to * geometry.across) };
};

/** Scrolls the list; it is made high enough first. */
export function scrollTo(geometry: Geometry, to: number): void {
  if (to === geometry.scroll) return;
  geometry.scroll = to;
  geometry.sizer.style.setProperty('--shell-size', `${geometry.tall.total}px`);
  geometry.list.scrollTop = to;
}

/** Scrolls the item at `at` into view, with the least movement; the first line with what is above it. */
export function scrollToItem(geometry: Geometry, at: number): void {
  const { tall, scroll, above, across } = geometry;
  const line = Math.floor(at / across);
  scrollTo(geometry, line && scrollFor(tall, line, scroll - above, heightOf(geometry)) + above);
}

/** Follows the list's own scrolling; true when other lines are in view. */
export function followScroll(geometry: Geometry): boolean {
  const { scrollTop } = geometry.list;
  if (scrollTop === geometry.scroll) return false;
  const before = linesInView(geometry, 0);
  geometry.scroll = scrollTop;
  const now = linesInView(geometry, 0);
  return now.from !== before.from || now.to !== before.to;
}

/** Follows the list's own size; true when it is another. A list that is hidden will show at the size it had. */
export function followSize(geometry: Geometry, isGrid: boolean): boolean {
  const { clientHeight, clientWidth } = geometry.list;
  const isSame = clientHeight === geometry.height && (!isGrid || clientWidth === geometry.width);
  if (!clientHeight || isSame) return false;
  geometry.height = clientHeight;
  geometry.width = clientWidth;
  return true;
}
