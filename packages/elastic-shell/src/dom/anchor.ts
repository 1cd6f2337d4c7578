// Anchoring: keeps a layer beside its anchor while either moves or grows, and does nothing while neither does.
import { place, type Placement, type PlacementWish, type Rect } from '../core/layers/placement.js';
import { isMirrored } from './keys.js';

/** A point, in CSS pixels from the viewport's top left. */
export interface Point {
  x: number;
  y: number;
}

export type Anchor = Element | Point;

const rectOf = (anchor: Anchor): Rect =>
  'getBoundingClientRect' in anchor ? anchor.getBoundingClientRect() : { ...anchor, width: 0, height: 0 };

/** Milliseconds without a change before the anchor is watched: a scroll tells of itself, frame by frame. */
const quiet = 100;

/** Calls `moved` when `element` has moved without scrolling or resizing: the page around it changed. */
function onMove(element: Element, moved: () => void): () => void {
  const { documentElement: page } = element.ownerDocument;
  let observer: IntersectionObserver | undefined;
  const watch = (): void => {
    observer?.disconnect();
    const { top, left, right, bottom } = element.getBoundingClientRect();
    const margins = [top, page.clientWidth - right, page.clientHeight - bottom, left];
    let first = true;
    // The observed area is cut down to the element itself: any move changes how much of it is inside.
    observer = new IntersectionObserver(
      () => {
        if (!first) moved();
        first = false;
      },
      { rootMargin: margins.map((margin) => `${-Math.floor(margin)}px`).join(' '), threshold: 1 },
    );
    observer.observe(element);
  };
  watch();
  return () => observer?.disconnect();
}

const write = ({ style }: HTMLElement, name: string, pixels: number, from?: string): void => {
  const length = `${Math.round(pixels * 10) / 10}px`;
  const value = from ? `calc(anchor(${from}) + ${length})` : length;
  const property = `--shell-${name}`;
  if (style.getPropertyValue(property) !== value) style.setProperty(property, value);
};

/** Gives `layer` the width of its anchor. Done before it shows, so that it is laid out once. */
export const fitTo = (layer: HTMLElement, anchor: Anchor): void => write(layer, 'fit', rectOf(anchor).width);

const sizesOf = ({ offsetWidth, offsetHeight }: HTMLElement, { width, height }: Rect): string =>
  `${offsetWidth} ${offsetHeight} ${width} ${height}`;

/**
 * True when the layer stands where it was put. It does not where the platform takes another element, or
 * none, for its anchor: one chosen by the caller, one under a transform, a modal dialog's.
 */
const isAt = ({ offsetLeft, offsetTop }: HTMLElement, { x, y }: Placement): boolean =>
  Math.abs(offsetLeft - x) < 0.75 && Math.abs(offsetTop - y) < 0.75;

/**
 * Places `layer` beside `anchor` by custom properties (--shell-x, --shell-y, --shell-room-x,
 * --shell-room-y, --shell-arrow, --shell-fit), which structure.css uses, until released. They stay when it is
 * released, for the way out. `placed` hears each area that is taken; `lost` is called when the anchor has gone out of view or out of the document.
 */
export function keepBeside(
  layer: HTMLElement,
  anchor: Anchor,
  wish: PlacementWish,
  placed: (area: string) => void,
  lost: () => void,
): () => void {
  const document = layer.ownerDocument;
  const view = document.defaultView!;
  const page = document.documentElement;
  const stop = new AbortController();
  const releases: (() => void)[] = [() => stop.abort()];
  let frame = 0;
  let area = '';
  let found: Placement;
  /** Of the layer and its anchor, when it was placed. */
  let sizes = '';
  let stopMove: (() => void) | undefined;

  const isElement = anchor instanceof view.Element;
  // Where the platform knows the anchor, the place is written relative to it: then the layer moves in the
  // same frame as its anchor, with no script at all.
  let glued = isElement && !!view.CSS?.supports?.('left', 'anchor(left)');

  const put = (): void => {
    const rect = rectOf(anchor);
    if (wish.fit === 'anchor') write(layer, 'fit', rect.width);
    const { offsetWidth: width, offsetHeight, clientHeight, scrollHeight } = layer;
    sizes = sizesOf(layer, rect);
    found = place({
      ...wish,
      anchor: rect,
      layer: { width, height: offsetHeight - clientHeight + scrollHeight },
      boundary: { x: 0, y: 0, width: page.clientWidth, height: page.clientHeight },
      direction: isMirrored(layer) ? 'rtl' : 'ltr',
    });
    write(layer, 'x', found.x - (glued ? rect.x : 0), glued ? 'left' : undefined);
    write(layer, 'y', found.y - (glued ? rect.y : 0), glued ? 'top' : undefined);
    write(layer, 'room-x', found.room.width);
    write(layer, 'room-y', found.room.height);
    write(layer, 'arrow', found.arrow);
  };
  const update = (): void => {
    frame = 0;
    put();
    // With less width than it needs the layer grows taller: it is placed again with the height it has now.
    if (!found.fits) put();
    if (found.area !== area) placed((area = found.area));
    stopMove?.();
    if (!isElement || !('IntersectionObserver' in view)) return;
    const timer = setTimeout(() => (stopMove = onMove(anchor, later)), quiet);
    stopMove = () => clearTimeout(timer);
  };
  const later = (): void => {
    frame ||= view.requestAnimationFrame(update);
  };

  for (const [target, type] of [
    [document, 'scroll'],
    [view, 'resize'],
    [view.visualViewport, 'resize'],
  ] as const)
    target?.addEventListener(type, later, { capture: true, passive: true, signal: stop.signal });
  if ('ResizeObserver' in view) {
    let isFirst = true;
    const watcher = new view.ResizeObserver(() => {
      const isLost = isFirst && glued && !isAt(layer, found);
      isFirst = false;
      // Here the page is laid out and not painted yet: looking costs no layout.
      if (isLost) {
        glued = false;
        update();
      } else if (sizes !== sizesOf(layer, rectOf(anchor))) later();
    });
    watcher.observe(layer);
    if (isElement) watcher.observe(anchor);
    releases.push(() => watcher.disconnect());
  }
  if (isElement && 'IntersectionObserver' in view) {
    const sight = new view.IntersectionObserver((entries) => {
      if (!entries.at(-1)!.isIntersecting) lost();
    });
    sight.observe(anchor);
    releases.push(() => sight.disconnect());
  }
  update();

  return () => {
    view.cancelAnimationFrame(frame);
    stopMove?.();
    releases.splice(0).forEach((release) => release());
  };
}

const properties = ['x', 'y', 'room-x', 'room-y', 'arrow', 'fit'];

/** Takes away what `keepBeside` wrote. */
export function forgetPlace(layer: HTMLElement): void {
  for (const name of properties) layer.style.removeProperty(`--shell-${name}`);
}
