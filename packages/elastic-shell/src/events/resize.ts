// Sizes: hears of elements that have another, where the page is laid out and not painted yet.

import { windowOf } from '../engine/dom.js';

/** Has `heard` called once for the first sizes of `elements` and with each later one, until released. Where the platform cannot tell, never. */
export function onResize(elements: readonly Element[], heard: () => void): () => void {
  const [first] = elements;
  if (!first || !('ResizeObserver' in windowOf(first))) return () => {};
  const { ResizeObserver } = windowOf(first);
  const observer = new ResizeObserver(heard);
  for (const element of elements) observer.observe(element);
  return () => observer.disconnect();
}
