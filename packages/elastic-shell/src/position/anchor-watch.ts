// Watching an anchor: whether it goes out of view, and whether the page around it moves it, which no event tells of.
import type { Rect } from '../core/layers/placement.js';

/** Calls `moved` when `element` is not at `at`, or leaves it without scrolling or resizing: the page around it changed. */
export function onMove(element: Element, at: Rect, moved: () => void): () => void {
  const { documentElement: page } = element.ownerDocument;
  // What it sees first, it sees where the page is laid out.
  let observer = new IntersectionObserver(([entry]) => {
    if (!entry) return;
    const { top, left, right, bottom } = entry.boundingClientRect;
    if (Math.hypot(top - at.y, left - at.x) > 1) return moved();
    const margins = [top, page.clientWidth - right, page.clientHeight - bottom, left];
    let first = true;
    observer.disconnect();
    // The observed area is cut down to the element itself: any move changes how much of it is inside.
    observer = new IntersectionObserver(
      () => {
        if (!first) moved();
        first = false;
      },
      { rootMargin: margins.map((margin) => `${-Math.floor(margin)}px`).join(' '), threshold: 1 },
    );
    observer.observe(element);
  });
  observer.observe(element);
  return () => observer.disconnect();
}

/**
 * Sees the anchor go out of view. In WebKit an entry may be older than the scroll that brought the anchor into view: one that
 * says other than where the anchor is now is asked for again.
 */
export const onLost = (anchor: Element, lost: () => void): (() => void) => {
  const observer = new IntersectionObserver((entries) => {
    const entry = entries.at(-1);
    if (!entry || entry.isIntersecting) return;
    const { top, left } = anchor.getBoundingClientRect();
    if (Math.hypot(top - entry.boundingClientRect.top, left - entry.boundingClientRect.left) <= 1)
      return lost();
    observer.unobserve(anchor);
    observer.observe(anchor);
  });
  observer.observe(anchor);
  return () => observer.disconnect();
};
