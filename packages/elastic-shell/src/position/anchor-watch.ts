// Watching an anchor: whether it goes out of view, and whether the page around it moves it, which no event tells of.
import type { Rect } from '../core/layers/placement.js';
import { windowOf } from '../engine/dom.js';

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

/** How many entries in a row may say otherwise than where the anchor stands: about a second of them. */
const mostDoubts = 60;

const meet = (one: DOMRect, other: DOMRect): boolean =>
  one.bottom > other.top && one.top < other.bottom && one.right > other.left && one.left < other.right;

/** True where some of an element is within the window, and within whatever clips it. */
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
 * Sees the anchor go out of view: out of the window, or clipped by what scrolls. WebKit may compare it with where the page was before
 * the scroll that brought it into view, for as many frames as that takes: what stands in view is asked about again.
 */
export const onLost = (anchor: Element, lost: () => void): (() => void) => {
  let doubts = 0;
  // WebKit scrolls to what is focused a moment after: until it was in view once, it may be on its way there.
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
