// Placement: computes the position of a layer beside its anchor from rectangles. Pure.

/** A width and a height, in CSS pixels. */
export interface Size {
  width: number;
  height: number;
}

/** A rectangle in CSS pixels. y increases downwards. */
export interface Rect extends Size {
  x: number;
  y: number;
}

/**
 * A fallback as in CSS `position-try-fallbacks`, applied from left to right. `flip-start` swaps the two axes.
 */
export type Fallback =
  | 'flip-block'
  | 'flip-inline'
  | 'flip-block flip-inline'
  | 'flip-start'
  | 'flip-start flip-block'
  | 'flip-start flip-inline';

/** The wanted placement of a layer. */
export interface PlacementWish {
  /**
   * Sets the position as in CSS `position-area`: a side such as `block-end`, then the alignment along the
   * anchor.
   *
   * Sides are `block-start`, `block-end`, `inline-start` and `inline-end`. Alignments are `span-all`
   * (centred, the default), `span-inline-end` (starting at the inline start of the anchor) and
   * `span-inline-start`. At an inline side they are `span-block-end` and `span-block-start`.
   *
   * @defaultValue `block-end`
   * @example { area: 'block-end span-inline-end' }
   */
  area?: string | undefined;
  /**
   * Sets the distance from its anchor, in pixels.
   *
   * @defaultValue 8
   * @example { gap: 12 }
   */
  gap?: number | undefined;
  /**
   * Sets the minimum distance from the edge of the viewport, in pixels.
   *
   * @defaultValue 8
   * @example { edgeGap: 16 }
   */
  edgeGap?: number | undefined;
  /**
   * Sets the positions to try, in this order, if there is not enough space, as in CSS
   * `position-try-fallbacks`.
   *
   * @defaultValue `flip-block`, `flip-inline`, then both. At an inline side also `flip-start` and `flip-start
   * flip-block`, since a phone only has space above and below
   * @example { fallbacks: ['flip-block'] }
   */
  fallbacks?: readonly Fallback[] | undefined;
  /**
   * Sets the width: that of its content, or that of its anchor.
   *
   * @defaultValue `content`
   * @example { fit: 'anchor' }
   */
  fit?: 'content' | 'anchor' | undefined;
}

/** Everything that determines the position of a layer. */
export interface PlacementQuestion extends PlacementWish {
  /** The rectangle of the anchor. */
  anchor: Rect;
  /** The size that the layer needs. */
  layer: Size;
  /** The rectangle that the layer must stay inside, usually the viewport. */
  boundary: Rect;
  /** The direction of the text. */
  direction: 'ltr' | 'rtl';
}

/** The position of a layer. */
export interface Placement {
  /** The area that was used. */
  area: string;
  /** The distance from the left of the viewport, in pixels. */
  x: number;
  /** The distance from the top of the viewport, in pixels. */
  y: number;
  /** The maximum size of the layer there. */
  room: Size;
  /**
   * The position of an arrow on the layer's edge that points to the middle of the anchor, in pixels from the
   * layer's left or top.
   */
  arrow: number;
  /** Whether the layer has enough space. */
  fits: boolean;
}

type Axis = 'block' | 'inline';
type End = 'start' | 'end';
interface Area {
  axis: Axis;
  side: End;
  /** The direction in which the layer extends along the anchor, or none if centred. */
  span: End | undefined;
}

const flips: readonly Fallback[] = ['flip-block', 'flip-inline', 'flip-block flip-inline'];
/** The default fallbacks, by the axis of the side. */
export const defaultFallbacks: Record<Axis, readonly Fallback[]> = {
  block: flips,
  inline: [...flips, 'flip-start', 'flip-start flip-block'],
};

const flipped = (end: End): End => (end === 'start' ? 'end' : 'start');
const across = (axis: Axis): Axis => (axis === 'block' ? 'inline' : 'block');

const sides: Record<string, Pick<Area, 'axis' | 'side'>> = {
  'block-start': { axis: 'block', side: 'start' },
  'block-end': { axis: 'block', side: 'end' },
  'inline-start': { axis: 'inline', side: 'start' },
  'inline-end': { axis: 'inline', side: 'end' },
};
const spans: Record<string, { axis?: Axis; span: End | undefined }> = {
  'span-all': { span: undefined },
  'span-block-start': { axis: 'block', span: 'start' },
  'span-block-end': { axis: 'block', span: 'end' },
  'span-inline-start': { axis: 'inline', span: 'start' },
  'span-inline-end': { axis: 'inline', span: 'end' },
};

/** Reads an area. Throws a TypeError if it is invalid. */
export function parseArea(text: string): Area {
  const [first = '', second = 'span-all', ...more] = text.trim().split(/\s+/);
  const side = Object.hasOwn(sides, first) ? sides[first] : undefined;
  const along = Object.hasOwn(spans, second) ? spans[second] : undefined;
  if (!side || !along || more.length || along.axis === side.axis)
    throw new TypeError(
      `elastic-shell: "${text}" is not a valid area; write a side (block-end, inline-start, …), optionally followed by span-all or a span along it (block-end span-inline-end)`,
    );
  return { ...side, span: along.span };
}

const nameOf = ({ axis, side, span }: Area): string =>
  `${axis}-${side}${span ? ` span-${across(axis)}-${span}` : ''}`;

const flip = (area: Area, fallback: Fallback): Area => {
  const turns = (axis: Axis): boolean => fallback.includes(`flip-${axis}`);
  const axis = fallback.startsWith('flip-start') ? across(area.axis) : area.axis;
  return {
    axis,
    side: turns(axis) ? flipped(area.side) : area.side,
    span: area.span && turns(across(axis)) ? flipped(area.span) : area.span,
  };
};

/** One axis of the placement, from `low` to `high`. */
interface Line {
  low: number;
  high: number;
}
const lineOf = ({ x, y, width, height }: Rect, horizontal: boolean): Line =>
  horizontal ? { low: x, high: x + width } : { low: y, high: y + height };
const within = (value: number, low: number, high: number): number =>
  Math.max(low, Math.min(value, Math.max(low, high)));

function placeIn(area: Area, question: PlacementQuestion): Placement {
  const { anchor, boundary, direction, gap = 0, edgeGap = 0, fit } = question;
  const layer = fit === 'anchor' ? { ...question.layer, width: anchor.width } : question.layer;
  const horizontal = area.axis === 'inline';
  const isAfter = (end: End, alongInline: boolean): boolean =>
    (end === 'end') !== (alongInline && direction === 'rtl');

  const inner: Rect = {
    x: boundary.x + edgeGap,
    y: boundary.y + edgeGap,
    width: Math.max(0, boundary.width - 2 * edgeGap),
    height: Math.max(0, boundary.height - 2 * edgeGap),
  };
  const main = { anchor: lineOf(anchor, horizontal), edge: lineOf(inner, horizontal) };
  const cross = { anchor: lineOf(anchor, !horizontal), edge: lineOf(inner, !horizontal) };
  const [size, breadth] = horizontal ? [layer.width, layer.height] : [layer.height, layer.width];

  const after = isAfter(area.side, horizontal);
  // It is negative if the anchor itself is beyond the edge.
  const depth = after ? main.edge.high - main.anchor.high - gap : main.anchor.low - gap - main.edge.low;
  const mainRoom = within(depth, 0, main.edge.high - main.edge.low);
  const crossRoom = cross.edge.high - cross.edge.low;
  const shownSize = Math.min(size, mainRoom);
  const shownBreadth = Math.min(breadth, crossRoom);

  const wanted = after ? main.anchor.high + gap : main.anchor.low - gap - shownSize;
  const at = within(wanted, main.edge.low, main.edge.high - shownSize);
  const middle = (cross.anchor.low + cross.anchor.high) / 2;
  const wished = !area.span
    ? middle - shownBreadth / 2
    : isAfter(area.span, !horizontal)
      ? cross.anchor.low
      : cross.anchor.high - shownBreadth;
  const along = within(wished, cross.edge.low, cross.edge.high - shownBreadth);

  return {
    area: nameOf(area),
    x: horizontal ? at : along,
    y: horizontal ? along : at,
    room: horizontal ? { width: mainRoom, height: crossRoom } : { width: crossRoom, height: mainRoom },
    arrow: within(middle - along, 0, shownBreadth),
    fits: size <= Math.min(depth, mainRoom) && breadth <= crossRoom && at === wanted,
  };
}

/**
 * Computes the position of a layer: in the first area with enough space, or in the one with most space.
 *
 * @param question - The rectangles and the wanted placement.
 * @returns The position.
 */
export function place(question: PlacementQuestion): Placement {
  const area = parseArea(question.area ?? 'block-end');
  const { width, height } = question.layer;
  /** The visible part of the layer there. */
  const shown = ({ room }: Placement): number => Math.min(width, room.width) * Math.min(height, room.height);
  let best = placeIn(area, question);
  for (const fallback of question.fallbacks ?? defaultFallbacks[area.axis]) {
    if (best.fits) break;
    const next = placeIn(flip(area, fallback), question);
    if (next.fits || shown(next) > shown(best)) best = next;
  }
  return best;
}
