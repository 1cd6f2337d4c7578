// Reports elements whose size has changed, after layout and before painting.

import { windowOf } from '../engine/dom.js';

/**
 * Calls a function when the size of elements changes.
 *
 * @param elements - The elements.
 * @param heard - Called once for their initial sizes, and after each change. It is never called if the platform
 * has no ResizeObserver.
 * @returns A function that stops this.
 */
export function onResize(elements: readonly Element[], heard: () => void): () => void {
  const [first] = elements;
  if (!first || !('ResizeObserver' in windowOf(first))) return () => {};
  const { ResizeObserver } = windowOf(first);
  const observer = new ResizeObserver(heard);
  for (const element of elements) observer.observe(element);
  return () => observer.disconnect();
}
