// Rows that lie side by side: how many do, and how far a line of them is from the next, as the page shows them.
import type { Items } from '../items.js';

/** A grid as the page lays it out. */
export interface Grid {
  across: number;
  /** Pixels from one line to the next. */
  pitch: number;
}

/** The grid that `elements` lie in, of which the first begins a line; undefined where nothing is laid out. */
export function gridOf(elements: readonly HTMLElement[]): Grid | undefined {
  const [first, second] = elements;
  if (!first?.offsetWidth) return undefined;
  const { left, top, width, height } = first.getBoundingClientRect();
  const next = elements.findIndex(({ offsetTop }) => offsetTop !== first.offsetTop);
  const below = elements[next];
  if (below && next > 0) return { across: next, pitch: below.getBoundingClientRect().top - top };
  // All are in one line: as many as there is room for, at the distance of the first two.
  const step = second ? Math.abs(second.getBoundingClientRect().left - left) : width;
  const room = first.parentElement?.getBoundingClientRect().width ?? width;
  return { across: Math.max(1, Math.floor((room + step - width + 0.01) / step)), pitch: height };
}

/** How many of the items on the page lie side by side. */
export function columnsOf(items: Items): number {
  const elements = [...items.shown()].map(([, element]) => element);
  return gridOf(elements)?.across ?? elements.length;
}
