// Finds the slides in a scroller: which are visible, where scrolling ends, and how to scroll to one.
import type { Item } from '../../core/collection/items.js';
import { isElement, windowOf } from '../../engine/dom.js';
import { isMirrored } from '../../events/keys.js';
import { listen } from '../../events/listen.js';

/**
 * If the browser has no scrollend event: milliseconds without a scroll event after which scrolling counts as
 * ended.
 */
const rest = 120;

/** A slide. Its key is its data-key, id or index from 0, in that order. */
export interface Slide extends Item {
  element: HTMLElement;
}

/** The slides of one carousel. */
export interface Slides {
  all(): readonly Slide[];
  /** Returns the visible slides, or the one with `key` if there is no layout. */
  inView(key: string | undefined): ReadonlySet<Element>;
  /** Scrolls so that the slide is at the start of the scroller. */
  bring(key: string | undefined, smooth: boolean): void;
  release(): void;
}

/** Called about slides. */
export interface SlidesHeard {
  /** Scrolling has ended with this slide at the start. */
  rested(key: string): void;
  /** Slides were added, removed, or moved into or out of view. */
  changed(): void;
}

/**
 * Returns the distance from the start of the scroller, inside its border, to the start of a slide, in pixels
 * to the right.
 */
const distance = (slide: Element, scroller: Element): number => {
  const [one, other] = [slide.getBoundingClientRect(), scroller.getBoundingClientRect()];
  const left = other.left + scroller.clientLeft;
  return isMirrored(scroller) ? one.right - left - scroller.clientWidth : one.left - left;
};

const nearestIn = (scroller: HTMLElement, slides: readonly Slide[]): Slide | undefined => {
  const far = slides.map(({ element }) => Math.abs(distance(element, scroller)));
  return scroller.clientWidth ? slides[far.indexOf(Math.min(...far))] : undefined;
};

/** Calls `rested` when scrolling ends, until released. */
function onRest(scroller: HTMLElement, rested: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const later = (): void => {
    clearTimeout(timer);
    timer = setTimeout(rested, rest);
  };
  const knowsEnd = 'onscrollend' in windowOf(scroller);
  const release = listen(scroller, { scrollend: rested, ...(!knowsEnd && { scroll: later }) });
  return () => {
    release();
    clearTimeout(timer);
  };
}

/**
 * Follows the children of the scroller and which of them are visible, until released. Until the browser
 * reports visibility, all count as visible: a slide made inert by mistake wouldn't be read out.
 */
function followView(scroller: HTMLElement, shown: Set<Element>, changed: () => void): () => void {
  let sight: IntersectionObserver | undefined;
  const canSee = 'IntersectionObserver' in windowOf(scroller);
  if (canSee) for (const slide of scroller.children) shown.add(slide);
  const observe = (): void => {
    for (const slide of shown) if (slide.parentNode !== scroller) shown.delete(slide);
    sight?.disconnect();
    if (!canSee) return;
    sight = new IntersectionObserver(
      (entries) => {
        for (const { target, isIntersecting } of entries)
          if (isIntersecting) shown.add(target);
          else shown.delete(target);
        changed();
      },
      { root: scroller, threshold: 0.6 },
    );
    for (const slide of scroller.children) sight.observe(slide);
  };
  const comings = new MutationObserver(() => {
    observe();
    changed();
  });
  comings.observe(scroller, { childList: true });
  observe();
  return () => {
    sight?.disconnect();
    comings.disconnect();
  };
}

/** Finds the slides that are in `scroller` now. */
export const slidesIn = (scroller: HTMLElement): Slide[] =>
  [...scroller.children]
    .filter(isElement)
    .filter((child) => child.localName !== 'template')
    .map((element, at) => ({ element, key: element.dataset['key'] || element.id || `${at}` }));

/** Follows the slides in `scroller` until released. */
export function slidesOf(scroller: HTMLElement, { rested, changed }: SlidesHeard): Slides {
  const shown = new Set<Element>();
  const all = (): Slide[] => slidesIn(scroller);
  const find = (key: string | undefined): HTMLElement | undefined =>
    all().find((slide) => slide.key === key)?.element;
  const releases = [
    onRest(scroller, () => {
      const slide = nearestIn(scroller, all());
      if (slide) rested(slide.key);
    }),
    followView(scroller, shown, changed),
  ];
  return {
    all,
    inView(key) {
      const slide = find(key);
      return shown.size ? shown : new Set(slide ? [slide] : []);
    },
    bring(key, smooth) {
      const slide = find(key);
      if (slide && 'scrollBy' in scroller)
        scroller.scrollBy({ left: distance(slide, scroller), behavior: smooth ? 'smooth' : 'instant' });
    },
    release: () => releases.forEach((release) => release()),
  };
}
