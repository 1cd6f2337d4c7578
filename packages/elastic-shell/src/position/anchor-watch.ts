// Watches an anchor: whether it leaves the visible area, and whether the page around it moves it, which no
// event reports.
import type { Rect } from '../core/layers/placement.js';
import { windowOf } from '../engine/dom.js';

/**
 * Calls `moved` when `element` is not at `at`, or leaves it without scrolling or resizing, because the page
 * around it changed.
 */
export function onMove(element: Element, at: Rect, moved: () => void): () => void {
  const { documentElement: page } = element.ownerDocument;
  // The first report comes when the page is laid out.
  let observer = new IntersectionObserver(([entry]) => {
    if (!entry) return;
    const { top, left, right, bottom } = entry.boundingClientRect;
    if (Math.hypot(top - at.y, left - at.x) > 1) return moved();
    const margins = [top, page.clientWidth - right, page.clientHeight - bottom, left];
    let first = true;
    observer.disconnect();
    // The observed area is reduced to the element itself, so any move changes how much of it is inside.
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

/** How many reports in a row may differ from the position of the anchor: about a second of them. */
const mostDoubts = 60;

const meet = (one: DOMRect, other: DOMRect): boolean =>
  one.bottom > other.top && one.top < other.bottom && one.right > other.left && one.left < other.right;

/** Returns true if part of an element is within the window, and within everything that clips it. */
const isInView = (element: Element): boolean => {
  const view = windowOf(element);
  const own = element.getBoundingClientRect();
  if (!meet(own, new view.DOMRect(0, 0, view.innerWidth, view.innerHeight))) return false;
  for (let at = element.parentElement; at?.parentElement; at = at.parentElement)
    if (view.getComputedStyle(at).overflow !== 'visible' && !meet(own, at.getBoundingClientRect()))
      return false;
  return true;
};

/**
 * Reports when the anchor leaves the visible area: the window, or an element that scrolls. WebKit may compare
 * it with the position of the page before it was scrolled into view, for several frames. A visible anchor is
 * therefore checked again.
 */
export const onLost = (anchor: Element, lost: () => void): (() => void) => {
  let doubts = 0;
  // WebKit scrolls to a focused element a moment later. Until it was visible once, it may be on its way.
  let wasSeen = false;
  const observer = new IntersectionObserver((entries) => {
    if (entries.at(-1)?.isIntersecting) {
      wasSeen = true;
      doubts = 0;
      return;
    }
    if ((wasSeen && !isInView(anchor)) || doubts++ >= mostDoubts) return lost();
    observer.unobserve(anchor);
    observer.observe(anchor);
  });
  observer.observe(anchor);
  return () => observer.disconnect();
};
