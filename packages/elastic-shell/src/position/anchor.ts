// Anchoring: keeps a layer beside its anchor while either moves or grows, and does nothing while neither does.
import { place, type Placement, type PlacementWish, type Rect, type Size } from '../core/layers/placement.js';
import { isMirrored } from '../events/keys.js';
import { onResize } from '../events/resize.js';

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

/** Calls `moved` when `element` is not at `at`, or leaves it without scrolling or resizing: the page around it changed. */
function onMove(element: Element, at: Rect, moved: () => void): () => void {
  const { documentElement: page } = element.ownerDocument;
  // What it sees first, it sees where the page is laid out.
  let observer = new IntersectionObserver((entries) => {
    const { top, left, right, bottom } = entries[0]!.boundingClientRect;
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

const px = (pixels: number): string => `${Math.round(pixels * 10) / 10}px`;

/** Custom properties, less their --shell-. */
const properties = ['x', 'y', 'room-x', 'room-y', 'arrow', 'fit'];
const write = ({ style }: HTMLElement, values: readonly string[]): void =>
  properties.forEach((name, at) => style.setProperty(`--shell-${name}`, values[at] ?? ''));

/** Takes away what `keepBeside` wrote. `fit`: what the layer, before it shows, is made as wide as, so that it is laid out once. */
export const forgetPlace = (layer: HTMLElement, fit?: Anchor): void =>
  write(layer, [...Array<string>(5), fit ? px(rectOf(fit).width) : '']);

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
  let rect: Rect;
  let found: Placement;
  /** The size that the layer asks for; and what it and its anchor measured then: while that is the same, it is not asked again. */
  let size: Size | undefined;
  let sizes = '';
  let written = '';
  let last = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopMove: (() => void) | undefined;

  const isElement = anchor instanceof view.Element;
  const direction = isMirrored(layer) ? 'rtl' : 'ltr';
  // Where the platform knows the anchor, the place is written relative to it: then the layer moves in the
  // same frame as its anchor, with no script at all.
  let glued = isElement && !!view.CSS?.supports?.('left', 'anchor(left)');

  const put = (): void => {
    rect = rectOf(anchor);
    if (!size) {
      const { offsetWidth: width, offsetHeight, clientHeight, scrollHeight } = layer;
      size = { width, height: offsetHeight - clientHeight + scrollHeight };
      sizes = sizesOf(layer, rect);
    }
    found = place({
      ...wish,
      anchor: rect,
      layer: size,
      boundary: { x: 0, y: 0, width: page.clientWidth, height: page.clientHeight },
      direction,
    });
    const { x, y, room, arrow } = found;
    const at = (from: string, pixels: number, start: number): string =>
      glued ? `calc(anchor(${from}) + ${px(pixels - start)})` : px(pixels);
    const values = [
      at('left', x, rect.x),
      at('top', y, rect.y),
      px(room.width),
      px(room.height),
      px(arrow),
      wish.fit === 'anchor' ? px(rect.width) : '',
    ];
    if (written !== (written = `${values}`)) write(layer, values);
  };
  const update = (): void => {
    put();
    // With less width than it needs the layer grows taller: it is placed again with the height it has now.
    if (!found.fits) {
      size = undefined;
      put();
    }
    if (found.area !== area) placed((area = found.area));
    stopMove?.();
    stopMove = undefined;
    last = Date.now();
    timer ??= setTimeout(rest, quiet);
  };
  /** Watches the anchor once nothing has changed for a while. */
  const rest = (): void => {
    const left = last + quiet - Date.now();
    timer = left > 0 ? setTimeout(rest, left) : undefined;
    if (!timer && isElement && 'IntersectionObserver' in view) stopMove = onMove(anchor, rect, later);
  };
  const later = (): void => {
    frame ||= view.requestAnimationFrame(() => {
      frame = 0;
      update();
    });
  };

  // The platform tells of these once a frame, before it draws.
  for (const [target, type] of [
    [document, 'scroll'],
    [view, 'resize'],
    [view.visualViewport, 'resize'],
  ] as const)
    target?.addEventListener(type, update, { capture: true, passive: true, signal: stop.signal });
  let isFirst = true;
  const unwatch = onResize(isElement ? [layer, anchor] : [layer], () => {
    // Here looking costs no layout.
    const isLost = isFirst && glued && !isAt(layer, found);
    isFirst = false;
    if (isLost) {
      glued = false;
      update();
    } else if (sizes !== sizesOf(layer, rectOf(anchor))) {
      size = undefined;
      later();
    }
  });
  releases.push(unwatch);
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
    clearTimeout(timer);
    stopMove?.();
    releases.splice(0).forEach((release) => release());
  };
}
