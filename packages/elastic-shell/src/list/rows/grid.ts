// Rows beside each other: how many there are in a line, and the distance between lines, measured on the page.
import type { Items } from '../items.js';

/** The measured layout of a grid. */
export interface Grid {
  across: number;
  /** The distance from one line to the next, in pixels. */
  pitch: number;
}

/** Measures the grid of `elements`, of which the first begins a line. Undefined without layout. */
export function gridOf(elements: readonly HTMLElement[]): Grid | undefined {
  const [first, second] = elements;
  if (!first?.offsetWidth) return undefined;
  const { left, top, width, height } = first.getBoundingClientRect();
  const next = elements.findIndex(({ offsetTop }) => offsetTop !== first.offsetTop);
  const below = elements[next];
  if (below && next > 0) return { across: next, pitch: below.getBoundingClientRect().top - top };
  // All are in one line: the number that fits, at the distance of the first two.
  const step = second ? Math.abs(second.getBoundingClientRect().left - left) : width;
  const room = first.parentElement?.getBoundingClientRect().width ?? width;
  return { across: Math.max(1, Math.floor((room + step - width + 0.01) / step)), pitch: height };
}

/** Returns how many of the items on the page are beside each other. */
export function columnsOf(items: Items): number {
  const elements = [...items.shown()].map(([, element]) => element);
  return gridOf(elements)?.across ?? elements.length;
}
