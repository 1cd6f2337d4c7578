// What is drawn over the page: boxes around elements, and the tab order as numbers and lines. It is drawn
// again when the page moves, while there is anything to draw.
import type { Stop } from './focus-order.js';
import { draw, make } from './make.js';

/** A box around an element, with a label. */
export interface Marked {
  element: Element;
  word?: string;
  /** Whether it is a part of the marked element. Parts are dashed. */
  isPart?: boolean;
}

/** How many tab stops are drawn. */
const mostStops = 300;

/** The layer with the drawing. */
export interface Overlay {
  readonly element: HTMLElement;
  /** Replaces the boxes. */
  mark(marked: readonly Marked[]): void;
  /** Draws the tab order, or removes it. */
  order(stops: readonly Stop[]): void;
  /** Draws everything again if the page has moved. */
  refresh(): void;
}

const boxOf = ({ element, word, isPart }: Marked): SVGElement[] => {
  const { left, top, width, height } = element.getBoundingClientRect();
  if (!width && !height) return [];
  const box = draw('rect', {
    class: 'box',
    x: left,
    y: top,
    width,
    height,
    rx: 3,
    ...(isPart && { 'data-part': '' }),
  });
  if (!word) return [box];
  const length = word.length * 6.7 + 8;
  const y = top > 20 ? top - 18 : top;
  return [
    box,
    draw('rect', { class: 'under', x: left, y, width: length, height: 17, rx: 3 }),
    draw('text', { class: 'tag', x: left + 4, y: y + 12 }, word),
  ];
};

/** Returns where the number of a tab stop is drawn. */
const placeOf = ({ element }: Stop): [x: number, y: number] => {
  const { left, top } = element.getBoundingClientRect();
  return [Math.max(10, left), Math.max(10, top)];
};

function orderOf(stops: readonly Stop[]): SVGElement[] {
  const shown = stops.slice(0, mostStops);
  const places = shown.map(placeOf);
  const lines = draw('polyline', { class: 'way', points: places.map((place) => place.join()).join(' ') });
  const dots = shown.flatMap((stop, at): SVGElement[] => {
    const [x, y] = places[at] ?? [0, 0];
    return [
      draw('circle', { class: 'dot', cx: x, cy: y, r: 10, ...(stop.marks.length && { 'data-bad': '' }) }),
      draw('text', { x, y }, String(stop.number)),
    ];
  });
  return [lines, ...dots];
}

/** Creates the layer. */
export function overlay(): Overlay {
  const picture = draw('svg', { 'aria-hidden': 'true', focusable: 'false' });
  let marked: readonly Marked[] = [];
  let stops: readonly Stop[] = [];
  const refresh = (): void => {
    if (!marked.length && !stops.length && !picture.hasChildNodes()) return;
    picture.replaceChildren(
      ...(stops.length ? orderOf(stops) : []),
      ...marked.filter(({ element }) => element.isConnected).flatMap(boxOf),
    );
  };
  return {
    element: make('div', { class: 'marks' }, picture),
    refresh,
    mark(next) {
      marked = next;
      refresh();
    },
    order(next) {
      stops = next;
      refresh();
    },
  };
}
