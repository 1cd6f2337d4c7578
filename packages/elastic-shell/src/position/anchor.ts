// Anchoring: keeps a layer beside its anchor while either moves or grows, and does nothing while neither does.
//
// The core's placement says where; the place is written as custom properties, relative to the anchor where the platform knows
// it, so that the layer moves in the same frame. It is asked again on scroll, on resize, when the size of either changes, and
// when the page around the anchor moves: an intersection observer whose area is cut down to the anchor tells of that.
import { place, type Placement, type PlacementWish, type Rect, type Size } from '../core/layers/placement.js';
import { isElement, windowOf } from '../engine/dom.js';
import { isMirrored } from '../events/keys.js';
import { listen } from '../events/listen.js';
import { onResize } from '../events/resize.js';
import { onLost, onMove } from './anchor-watch.js';

/** A point, in CSS pixels from the viewport's top left. */
export interface Point {
  x: number;
  y: number;
}

/** What a layer stands beside. */
export type Anchor = Element | Point;

const rectOf = (anchor: Anchor): Rect =>
  'getBoundingClientRect' in anchor ? anchor.getBoundingClientRect() : { ...anchor, width: 0, height: 0 };

/** Milliseconds without a change before the anchor is watched: a scroll tells of itself, frame by frame. */
const quiet = 100;

const px = (pixels: number): string => `${Math.round(pixels * 10) / 10}px`;

/** Custom properties, less their --shell-. */
const properties = ['x', 'y', 'room-x', 'room-y', 'arrow', 'fit', 'anchor'];
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

/** A layer that is kept beside its anchor, and what is known of the two. */
interface Kept {
  layer: HTMLElement;
  anchor: Anchor;
  wish: PlacementWish;
  /** Hears each area that is taken. */
  placed: (area: string) => void;
  direction: 'ltr' | 'rtl';
  /**
   * Where the platform knows the anchor, the place is written relative to it: then the layer moves in the same frame as
   * its anchor, with no script at all.
   */
  glued: boolean;
  rect: Rect;
  found: Placement;
  area: string;
  /** The size that the layer asks for; and what it and its anchor measured then: while that is the same, it is not asked again. */
  size: Size | undefined;
  sizes: string;
  values: readonly string[];
  written: string;
}

/** What is written for a place, in the order of the custom properties. */
const valuesOf = ({ glued, rect, wish, found: { x, y, room, arrow } }: Kept): string[] => {
  const at = (from: string, pixels: number, start: number): string =>
    glued ? `calc(anchor(${from}) + ${px(pixels - start)})` : px(pixels);
  return [
    at('left', x, rect.x),
    at('top', y, rect.y),
    px(room.width),
    px(room.height),
    px(arrow),
    wish.fit === 'anchor' ? px(rect.width) : '',
    glued ? 'auto' : '',
  ];
};

/** What the layer asks for: its own height, were there room for it. */
const sizeOf = ({ offsetWidth, offsetHeight, clientHeight, scrollHeight }: HTMLElement): Size => ({
  width: offsetWidth,
  height: offsetHeight - clientHeight + scrollHeight,
});

const find = ({ layer, wish, direction }: Kept, rect: Rect, size: Size): Placement => {
  const { clientWidth: width, clientHeight: height } = layer.ownerDocument.documentElement;
  return place({ ...wish, anchor: rect, layer: size, boundary: { x: 0, y: 0, width, height }, direction });
};

/** Places it; its size is asked where it is not known. */
const put = (kept: Kept): void => {
  kept.rect = rectOf(kept.anchor);
  if (!kept.size) kept.sizes = sizesOf(kept.layer, kept.rect);
  kept.size ??= sizeOf(kept.layer);
  kept.found = find(kept, kept.rect, kept.size);
  const values = valuesOf(kept);
  if (kept.written === `${values}`) return;
  kept.written = `${values}`;
  kept.values = values;
  write(kept.layer, values);
};

const update = (kept: Kept): void => {
  put(kept);
  // With less width than it needs the layer grows taller: it is placed again with the height it has now.
  if (!kept.found.fits) {
    kept.size = undefined;
    put(kept);
  }
  if (kept.found.area !== kept.area) kept.placed((kept.area = kept.found.area));
};

/** Layers that are kept now. */
let kept = 0;
/** Beyond so many, layers are placed by script: browsers lay out all that are glued again when one more opens. */
const mostGlued = 3;

const startOf = (
  layer: HTMLElement,
  anchor: Anchor,
  wish: PlacementWish,
  placed: (area: string) => void,
): Kept => {
  const direction = isMirrored(layer) ? 'rtl' : 'ltr';
  const rect = rectOf(anchor);
  const size = sizeOf(layer);
  const glued =
    kept <= mostGlued && isElement(anchor) && !!windowOf(layer).CSS?.supports?.('left', 'anchor(left)');
  const found: Placement = { area: '', x: 0, y: 0, room: size, arrow: 0, fits: true };
  const sizes = sizesOf(layer, rect);
  return {
    layer,
    anchor,
    wish,
    placed,
    direction,
    glued,
    rect,
    found,
    area: '',
    size,
    sizes,
    values: [],
    written: '',
  };
};

/**
 * Places `layer` beside `anchor` by custom properties (--shell-x, --shell-y, --shell-room-x,
 * --shell-room-y, --shell-arrow, --shell-fit, --shell-anchor), which structure.css uses, until released. They stay when it is
 * released, for the way out. `placed` hears each area that is taken; `lost` is called when the anchor has gone out of view or out of the document.
 */
export function keepBeside(
  layer: HTMLElement,
  anchor: Anchor,
  wish: PlacementWish,
  placed: (area: string) => void,
  lost: () => void,
): () => void {
  const view = windowOf(layer);
  kept++;
  const held = startOf(layer, anchor, wish, placed);
  const element = isElement(anchor) && 'IntersectionObserver' in view ? anchor : undefined;
  let frame = 0;
  let last = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopMove: (() => void) | undefined;

  /** Places it now, and watches the anchor once nothing has changed for a while. */
  const now = (): void => {
    update(held);
    stopMove?.();
    stopMove = undefined;
    last = Date.now();
    timer ??= setTimeout(rest, quiet);
  };
  const rest = (): void => {
    const left = last + quiet - Date.now();
    timer = left > 0 ? setTimeout(rest, left) : undefined;
    if (!timer && element) stopMove = onMove(element, held.rect, later);
  };
  const later = (): void => {
    frame ||= view.requestAnimationFrame(() => {
      frame = 0;
      now();
    });
  };
  let isFirst = true;
  /** Here looking costs no layout. */
  const sized = (): void => {
    const isLost = isFirst && held.glued && !isAt(layer, held.found);
    isFirst = false;
    if (isLost) {
      held.glued = false;
      now();
    } else if (held.sizes !== sizesOf(layer, rectOf(anchor))) {
      held.size = undefined;
      later();
    }
  };
  /** Somebody has taken the place away with the style attribute: it is written again. */
  const styled = new MutationObserver(() => {
    if (layer.style.getPropertyValue('--shell-x') === held.values[0]) return;
    held.written = '';
    now();
  });
  styled.observe(layer, { attributeFilter: ['style'] });
  // The platform tells of these once a frame, before it draws.
  const releases = [
    () => void kept--,
    () => styled.disconnect(),
    listen(layer.ownerDocument, { scroll: now }, ['scroll']),
    listen(view, { resize: now }, ['resize']),
    ...(view.visualViewport ? [listen(view.visualViewport, { resize: now }, ['resize'])] : []),
    onResize(isElement(anchor) ? [layer, anchor] : [layer], sized),
    ...(element ? [onLost(element, lost)] : []),
    // A window that is being closed (jsdom's, after a test) has no frames any more.
    () => frame && view.cancelAnimationFrame(frame),
    () => clearTimeout(timer),
    () => stopMove?.(),
  ];
  now();
  return () => releases.splice(0).forEach((release) => release());
}
