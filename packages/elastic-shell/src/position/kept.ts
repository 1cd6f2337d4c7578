// A layer that is kept beside its anchor: what is known of the two, how it is measured, and how it is put in its place.
//
// The place is written as custom properties, relative to the anchor where the platform knows it. Measuring has the page laid
// out, and writing spoils the layout: so all layers that are placed together are measured first.
import {
  place as placeIn,
  type Placement,
  type PlacementWish,
  type Rect,
  type Size,
} from '../core/layers/placement.js';
import { isElement, windowOf, zoomOf } from '../engine/dom.js';
import { isMirrored } from '../events/keys.js';

/** A point, in CSS pixels from the viewport's top left. */
export interface Point {
  x: number;
  y: number;
}

/** What a layer stands beside. */
export type Anchor = Element | Point;

/** Returns the place of an anchor, in pixels of `layer` from the viewport's top left. They differ from those of the viewport by CSS zoom. */
export function rectOf(anchor: Anchor, layer: Element): Rect {
  const zoom = zoomOf(layer);
  const { x, y, width, height } =
    'getBoundingClientRect' in anchor ? anchor.getBoundingClientRect() : { ...anchor, width: 0, height: 0 };
  return { x: x / zoom, y: y / zoom, width: width / zoom, height: height / zoom };
}

const nowhere: Rect = { x: 0, y: 0, width: 0, height: 0 };

const px = (pixels: number): string => `${Math.round(pixels * 10) / 10}px`;

/** Custom properties, less their --shell-. */
const properties = ['x', 'y', 'room-x', 'room-y', 'arrow', 'fit', 'anchor'];
const write = ({ style }: HTMLElement, values: readonly string[]): void =>
  properties.forEach((name, at) => style.setProperty(`--shell-${name}`, values[at] ?? ''));

/** Takes away what `keepBeside` wrote. `fit`: what the layer, before it shows, is made as wide as, so that it is laid out once. */
export const forgetPlace = (layer: HTMLElement, fit?: Anchor): void =>
  write(layer, [...Array<string>(5), fit ? px(rectOf(fit, layer).width) : '']);

/** What a layer and its anchor measure, to tell whether either has another size. */
export const sizesOf = ({ offsetWidth, offsetHeight }: HTMLElement, { width, height }: Rect): string =>
  `${offsetWidth} ${offsetHeight} ${width} ${height}`;

/**
 * True when the layer stands where it was put. It does not where the platform takes another element, or
 * none, for its anchor: one chosen by the caller, one under a transform, a modal dialog's.
 */
export const isAt = ({ offsetLeft, offsetTop }: HTMLElement, { x, y }: Placement): boolean =>
  Math.abs(offsetLeft - x) < 0.75 && Math.abs(offsetTop - y) < 0.75;

/** A layer that is kept beside its anchor, and what is known of the two. */
export interface Kept {
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
  /** What it has to stay in. */
  boundary: Rect;
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

/** Looks where the anchor is; the size of the layer is asked where it is not known. */
const measure = (kept: Kept): void => {
  const { layer, anchor } = kept;
  const { documentElement } = layer.ownerDocument;
  const scale = zoomOf(documentElement) / zoomOf(layer);
  const { clientWidth, clientHeight } = documentElement;
  kept.boundary = { x: 0, y: 0, width: clientWidth * scale, height: clientHeight * scale };
  kept.rect = rectOf(anchor, layer);
  if (kept.size) return;
  kept.sizes = sizesOf(layer, kept.rect);
  kept.size = sizeOf(layer);
};

/** Puts it where it belongs, as it was measured. */
export const put = (kept: Kept): void => {
  const { wish, rect: anchor, size: layer, boundary, direction } = kept;
  if (layer) kept.found = placeIn({ ...wish, anchor, layer, boundary, direction });
  const values = valuesOf(kept);
  if (kept.written === `${values}`) return;
  kept.written = `${values}`;
  kept.values = values;
  write(kept.layer, values);
};

/** Places layers: all are measured before any is moved, so that the page is laid out once for all of them. */
export const place = (all: readonly Kept[]): void => {
  all.forEach(measure);
  all.forEach(put);
  // With less width than it needs a layer grows taller: it is placed again with the height it has now.
  const tight = all.filter(({ found }) => !found.fits);
  for (const each of tight) each.size = undefined;
  tight.forEach(measure);
  tight.forEach(put);
  for (const each of all) if (each.found.area !== each.area) each.placed((each.area = each.found.area));
};

/** A layer that has no place yet. `isFirst`: it is one of the first few, which the platform may hold. */
export const startOf = (
  layer: HTMLElement,
  anchor: Anchor,
  wish: PlacementWish,
  placed: (area: string) => void,
  isFirst: boolean,
): Kept => ({
  layer,
  anchor,
  wish,
  placed,
  direction: isMirrored(layer) ? 'rtl' : 'ltr',
  glued: isFirst && isElement(anchor) && !!windowOf(layer).CSS?.supports?.('left', 'anchor(left)'),
  rect: nowhere,
  boundary: nowhere,
  found: { area: '', x: 0, y: 0, room: nowhere, arrow: 0, fits: true },
  area: '',
  size: undefined,
  sizes: '',
  values: [],
  written: '',
});
