// The geometry of a list from data: the position of each line, which lines are visible, and how far the list
// is scrolled. All lines have the same height, or each one is measured when it is shown, or several items
// share a line (a grid).
import { type Heights, heights, rowsShown, scrollFor, type Shown } from '../../core/collection/window.js';

/** The assumed size of a row and a list in pixels, until they are measured. */
const usualRow = 32;
const usualList = 400;

/** The positions of the lines of a list, in pixels. */
export interface Geometry {
  list: HTMLElement;
  /** The element that is as high as all lines together. */
  sizer: HTMLElement;
  /** The number of items, and of items per line. */
  count: number;
  across: number;
  /** The measured heights of lines, and the height of a line that has not been measured. */
  tall: Heights;
  usual: number;
  /** The size of the list in pixels (0 until it is measured), and how far it is scrolled. */
  height: number;
  width: number;
  scroll: number;
  /** Pixels above the first line: the padding of the list. */
  above: number;
}

/** Returns the geometry of an empty list. */
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

/** Discards the measured heights. */
export const resetHeights = (geometry: Geometry): void => {
  geometry.tall = heights(Math.ceil(geometry.count / geometry.across), geometry.usual);
};

/** The height in which lines are visible, in pixels. */
export const heightOf = ({ height }: Geometry): number => height || usualList;

/** Returns where the line of the item at `at` begins. */
export const topOf = ({ tall, across }: Geometry, at: number): number => tall.top(Math.floor(at / across));

/** Returns the position of the first item in the first visible line. */
export const firstInView = ({ tall, scroll, above, across }: Geometry): number =>
  tall.at(Math.max(0, scroll - above)) * across;

/** Returns the visible lines, with `overscan` more on each side. Default: 4. */
export const linesInView = (geometry: Geometry, overscan?: number): Shown =>
  rowsShown(geometry.tall, geometry.scroll - geometry.above, heightOf(geometry), overscan);

/** Returns the visible items, and some around them. */
export const itemsInView = (geometry: Geometry): Shown => {
  const { from, to } = linesInView(geometry);
  return { from: from * geometry.across, to: Math.min(geometry.count, to * geometry.across) };
};

/** Scrolls the list, after making it high enough. */
export function scrollTo(geometry: Geometry, to: number): void {
  if (to === geometry.scroll) return;
  geometry.scroll = to;
  geometry.sizer.style.setProperty('--shell-size', `${geometry.tall.total}px`);
  geometry.list.scrollTop = to;
}

/**
 * Scrolls the item at `at` into view, as little as possible. For the first line, everything above it is shown
 * too.
 */
export function scrollToItem(geometry: Geometry, at: number): void {
  const { tall, scroll, above, across } = geometry;
  const line = Math.floor(at / across);
  scrollTo(geometry, line && scrollFor(tall, line, scroll - above, heightOf(geometry)) + above);
}

/** Records the scroll position. Returns true if other lines are visible. */
export function followScroll(geometry: Geometry): boolean {
  const { scrollTop } = geometry.list;
  if (scrollTop === geometry.scroll) return false;
  const before = linesInView(geometry, 0);
  geometry.scroll = scrollTop;
  const now = linesInView(geometry, 0);
  return now.from !== before.from || now.to !== before.to;
}

/** Records the size. Returns true if it has changed. A hidden list keeps the size that it had. */
export function followSize(geometry: Geometry, isGrid: boolean): boolean {
  const { clientHeight, clientWidth } = geometry.list;
  const isSame = clientHeight === geometry.height && (!isGrid || clientWidth === geometry.width);
  if (!clientHeight || isSame) return false;
  geometry.height = clientHeight;
  geometry.width = clientWidth;
  return true;
}
