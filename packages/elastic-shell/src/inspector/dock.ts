// The position of the panel: docked at an edge, with the page laid out beside it, or floating above the page. If the panel would cover the
// element that it points at, it moves.

/** The position of the panel. `end` and `start` are edges in the page's direction; `below` is across the page; `float` is above it. */
export type Side = 'end' | 'start' | 'below' | 'float';

const sides: readonly Side[] = ['end', 'start', 'below', 'float'];

/** The name of the button that moves the panel there. */
const names: Record<Side, string> = {
  end: 'Dock at the end',
  start: 'Dock at the start',
  below: 'Dock below',
  float: 'Float',
};

/** The side after `side`, and the name of the button that moves the panel there. */
export function nextSide(side: Side): { side: Side; name: string } {
  const next = sides[(sides.indexOf(side) + 1) % sides.length] ?? 'end';
  return { side: next, name: names[next] };
}

/** The edge of the page that the panel takes, in the terms of a style sheet. */
const edges: Record<Exclude<Side, 'float'>, string> = {
  end: 'inline-end',
  start: 'inline-start',
  below: 'block-end',
};

/** Returns a function that makes space in the page for the panel, with a style sheet of the document. */
export function makeRoom(document: Document): (panel: HTMLElement, side: Side) => void {
  const sheet = new (document.defaultView ?? window).CSSStyleSheet();
  let given = '';
  return (panel, side) => {
    const { width, height } = panel.getBoundingClientRect();
    // On a narrow screen every docked panel is below.
    const isAcross = side === 'below' || width >= document.documentElement.clientWidth;
    const edge = side === 'float' || panel.hidden ? '' : edges[isAcross ? 'below' : side];
    const size = `${Math.ceil(isAcross ? height : width)}px`;
    const css = edge
      ? `html { padding-${edge}: ${size} !important; box-sizing: border-box } :modal { inset-${edge}: ${size} !important; max-${isAcross ? 'block' : 'inline'}-size: calc(100v${isAcross ? 'h' : 'w'} - ${size} - 1rem) !important }`
      : '';
    if (css === given) return;
    given = css;
    sheet.replaceSync(css);
    const others = document.adoptedStyleSheets.filter((each) => each !== sheet);
    document.adoptedStyleSheets = css ? [...others, sheet] : others;
  };
}

const meet = (one: DOMRect, other: DOMRect): boolean =>
  one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;

/**
 * The first side, `side` before the others, where the panel does not cover `element`. `tryAt` puts the panel there. Returns `side` if it
 * covers it everywhere.
 */
export function clearOf(panel: HTMLElement, element: Element, side: Side, tryAt: (side: Side) => void): Side {
  const wanted = [side, ...sides.filter((each) => each !== side && each !== 'float')];
  const found = wanted.find((each) => {
    tryAt(each);
    return !meet(panel.getBoundingClientRect(), element.getBoundingClientRect());
  });
  return found ?? side;
}
