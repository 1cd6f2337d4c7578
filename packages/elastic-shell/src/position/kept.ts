// A layer next to its anchor: the stored measurements of both, and how the layer is measured and moved. The
// position is written as custom properties, relative to the anchor if the platform supports that. Measuring
// makes the browser lay out the page, and writing invalidates the layout. So all layers that are placed
// together are measured first.
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

/** What a layer is placed next to. */
export type Anchor = Element | Point;

/**
 * Returns the rectangle of an anchor in pixels of `layer`, from the top left of the viewport. CSS zoom makes
 * them differ from pixels of the viewport.
 */
export function rectOf(anchor: Anchor, layer: Element): Rect {
  const zoom = zoomOf(layer);
  const { x, y, width, height } =
    'getBoundingClientRect' in anchor ? anchor.getBoundingClientRect() : { ...anchor, width: 0, height: 0 };
  return { x: x / zoom, y: y / zoom, width: width / zoom, height: height / zoom };
}

const nowhere: Rect = { x: 0, y: 0, width: 0, height: 0 };

const px = (pixels: number): string => `${Math.round(pixels * 10) / 10}px`;

/** Custom properties, without the prefix --shell-. */
const properties = ['x', 'y', 'room-x', 'room-y', 'arrow', 'fit', 'anchor'];
const write = ({ style }: HTMLElement, values: readonly string[]): void =>
  properties.forEach((name, at) => style.setProperty(`--shell-${name}`, values[at] ?? ''));

/**
 * Removes what `keepBeside` wrote. `fit` is the width that the layer gets before it is shown, so that it is
 * laid out once.
 */
export const forgetPlace = (layer: HTMLElement, fit?: Anchor): void =>
  write(layer, [...Array<string>(5), fit ? px(rectOf(fit, layer).width) : '']);

/** The sizes of a layer and its anchor, to notice when either changes. */
export const sizesOf = ({ offsetWidth, offsetHeight }: HTMLElement, { width, height }: Rect): string =>
  `${offsetWidth} ${offsetHeight} ${width} ${height}`;

/**
 * Returns true if the layer is where it was placed. It is not if the platform uses no anchor or another
 * element: with an anchor chosen by the caller, with one under a transform, or in a modal dialog.
 */
export const isAt = ({ offsetLeft, offsetTop }: HTMLElement, { x, y }: Placement): boolean =>
  Math.abs(offsetLeft - x) < 0.75 && Math.abs(offsetTop - y) < 0.75;

/** A layer that is placed next to its anchor, with the stored measurements of both. */
export interface Kept {
  layer: HTMLElement;
  anchor: Anchor;
  wish: PlacementWish;
  /** Called with each area. */
  placed: (area: string) => void;
  direction: 'ltr' | 'rtl';
  /**
   * If the platform supports it, the position is written relative to the anchor. The layer then moves in the
   * same frame as its anchor, without a script.
   */
  glued: boolean;
  rect: Rect;
  /** The area in which it must stay. */
  boundary: Rect;
  found: Placement;
  area: string;
  /**
   * The size that the layer needs, and the sizes of the layer and its anchor when that was measured. It is
   * not measured again while those are the same.
   */
  size: Size | undefined;
  sizes: string;
  values: readonly string[];
  written: string;
}

/** The values that are written for a position, in the order of the custom properties. */
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

/** The size that the layer needs, including its height without a limit. */
const sizeOf = ({ offsetWidth, offsetHeight, clientHeight, scrollHeight }: HTMLElement): Size => ({
  width: offsetWidth,
  height: offsetHeight - clientHeight + scrollHeight,
});

/** Measures where the anchor is, and the size of the layer if it is not known. */
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

/** Moves it to its place, as measured. */
export const put = (kept: Kept): void => {
  const { wish, rect: anchor, size: layer, boundary, direction } = kept;
  if (layer) kept.found = placeIn({ ...wish, anchor, layer, boundary, direction });
  const values = valuesOf(kept);
  if (kept.written === `${values}`) return;
  kept.written = `${values}`;
  kept.values = values;
  write(kept.layer, values);
};

/** Places layers. All are measured before any is moved, so that the page is laid out once. */
export const place = (all: readonly Kept[]): void => {
  all.forEach(measure);
  all.forEach(put);
  // With less width than it needs, a layer becomes taller. It is placed again with its current height.
  const tight = all.filter(({ found }) => !found.fits);
  for (const each of tight) each.size = undefined;
  tight.forEach(measure);
  tight.forEach(put);
  for (const each of all) if (each.found.area !== each.area) each.placed((each.area = each.found.area));
};

/**
 * A layer without a place. `isFirst`: it is one of the first few, for which the platform may do the
 * positioning.
 */
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
