// Slides in a scroller: which are in view, where it comes to rest, and how to bring one there.
import { isMirrored } from '../../events/keys.js';

/** Milliseconds without a scroll event after which it has come to rest, where the browser does not say so. */
const rest = 120;

export interface Slides {
  all(): HTMLElement[];
  /** Those in view; the one at `slide` where there is no layout. */
  inView(slide: number): Set<Element>;
  /** Brings the slide to the start of the scroller. */
  bring(at: number, smooth: boolean): void;
  release(): void;
}

export interface SlidesHeard {
  /** The scroller has come to rest with this slide at its start. */
  rested(at: number): void;
  /** Slides came, went, or into view or out of it. */
  changed(): void;
}

export function slidesOf(scroller: HTMLElement, { rested, changed }: SlidesHeard): Slides {
  const view = scroller.ownerDocument.defaultView!;
  const stop = new AbortController();
  const shown = new Set<Element>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const all = (): HTMLElement[] =>
    [...scroller.children].filter((child) => child.localName !== 'template') as HTMLElement[];

  /** How far the start of a slide is from the start of the scroller, in pixels to the right. */
  const distance = (slide: Element): number => {
    const [one, other] = [slide.getBoundingClientRect(), scroller.getBoundingClientRect()];
    return isMirrored(scroller) ? one.right - other.right : one.left - other.left;
  };
  const settle = (): void => {
    const far = all().map((slide) => Math.abs(distance(slide)));
    if (far.length && scroller.clientWidth) rested(far.indexOf(Math.min(...far)));
  };
  scroller.addEventListener('scrollend', settle, { signal: stop.signal });
  if (!('onscrollend' in view))
    scroller.addEventListener(
      'scroll',
      () => {
        clearTimeout(timer);
        timer = setTimeout(settle, rest);
      },
      { signal: stop.signal },
    );

  let sight: IntersectionObserver | undefined;
  const observe = (): void => {
    shown.clear();
    sight?.disconnect();
    if (!('IntersectionObserver' in view)) return;
    sight = new view.IntersectionObserver(
      (entries) => {
        for (const { target, isIntersecting } of entries) shown[isIntersecting ? 'add' : 'delete'](target);
        changed();
      },
      { root: scroller, threshold: 0.6 },
    );
    for (const slide of all()) sight.observe(slide);
  };
  const comings = new MutationObserver(() => {
    observe();
    changed();
  });
  comings.observe(scroller, { childList: true });
  observe();

  return {
    all,
    inView: (slide) => (shown.size ? shown : new Set(all().slice(slide, slide + 1))),
    bring(at, smooth) {
      const slide = all()[at];
      if (slide && scroller.scrollBy)
        scroller.scrollBy({ left: distance(slide), behavior: smooth ? 'smooth' : 'instant' });
    },
    release() {
      stop.abort();
      clearTimeout(timer);
      sight?.disconnect();
      comings.disconnect();
    },
  };
}
