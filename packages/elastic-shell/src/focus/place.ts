// Where focus returns to. When the opener is gone the platform lets focus fall to the body; a place (`placeOf`) outlives the element that
// stood there: it is told of nodes that leave, and then means what follows.
import { isElement, matches, treeOf } from '../engine/dom.js';
import { holds, isAfter } from '../engine/flat.js';
import { activeIn, canFocus, chosen, type FocusChoice, focusOn, tabbables } from './focusable.js';

/** A place in the document that outlives the element that stood there. */
export interface Place {
  /** Hears of nodes that left the document. */
  follow(records: MutationRecord[]): void;
  /** Whether anything is left of where it was: nothing is when the whole page has become another. */
  isThere(): boolean;
  /** The element that focus would go to, where that stands. */
  element(): Element | null;
  /** Puts focus on the element, else on what follows where it stood, else on what comes before. */
  giveBack(scope: HTMLElement, choice?: FocusChoice): void;
}

/** Returns an element that was removed and those around it, up to `removed`. */
const levelsOf = (node: Node, removed: Node): Element[] => {
  const levels: Element[] = [];
  for (let at: Node | null = node; at; at = at === removed ? null : at.parentNode)
    if (isElement(at)) levels.push(at);
  return levels;
};

const elementsAfter = (element: Element, all: Iterable<Node>): Element[] => {
  const elements = [...all].filter(isElement);
  return elements.slice(elements.findIndex((each) => each === element) + 1);
};

/**
 * Returns the ids around `node` and after it in what was removed, from the inside outward: where an element with one of them stands now,
 * the list was made anew, and that is the same row or the next.
 */
const idsFrom = (node: Node, removed: Node, { removedNodes, nextSibling }: MutationRecord): string[] =>
  [
    ...levelsOf(node, removed).flatMap((at) => [
      at,
      ...elementsAfter(at, at === removed ? removedNodes : (at.parentNode?.children ?? [])),
    ]),
    ...(isElement(nextSibling) ? [nextSibling] : []),
  ].flatMap(({ id }) => (id ? [id] : []));

/** Returns what stands where `node` did, in what was put in the place of `removed`; `isPast`: nothing does, and it was the last there. */
const insteadOf = (
  node: Node,
  removed: Node,
  { removedNodes, addedNodes }: MutationRecord,
): { node: Node; isPast: boolean } | undefined => {
  let among = [...addedNodes].filter(isElement);
  let found: { node: Node; isPast: boolean } | undefined;
  for (const level of levelsOf(node, removed).reverse()) {
    const siblings = level === removed ? removedNodes : (level.parentNode?.children ?? []);
    const instead = among[[...siblings].filter(isElement).indexOf(level as HTMLElement)];
    if (!instead) return found && { ...found, isPast: true };
    found = { node: instead, isPast: false };
    among = [...instead.children].filter(isElement);
  }
  return found;
};

/** Returns the `h1` of what was put under `parent` in the same moment: of the page that a link in the layer leads to. */
const headingInstead = (records: MutationRecord[], parent: Node): HTMLElement | undefined =>
  records
    .filter(({ target }) => target === parent)
    .flatMap(({ addedNodes }) => [...addedNodes])
    .filter(isElement)
    .flatMap((added) => (matches(added, 'h1') ? added : [...added.querySelectorAll<HTMLElement>('h1')]))[0];

/** Puts focus on a heading, which is no stop before and after. */
function focusHeading(heading: HTMLElement): void {
  if (!heading.hasAttribute('tabindex')) {
    heading.tabIndex = -1;
    heading.addEventListener('blur', () => heading.removeAttribute('tabindex'), { once: true });
  }
  heading.focus();
}

/**
 * `outer`: the place of the layer that the element stood in, once that has closed. `other`: what had focus, for when the
 * element cannot take it: an item of a menu that closed behind its own press.
 */
export function placeOf(
  element: Element | null,
  outer?: () => Place | undefined,
  other?: Element | null,
): Place {
  let node: Node | null = element;
  let after = false;
  /** Ids of what stood there and after it. */
  const trail: string[] = [];
  let heading: HTMLElement | undefined;
  // An element that was replaced is still the same to the user, where its id says so.
  const id = element?.id;
  const tree = element && treeOf(element);
  const same = (): Element | null =>
    element?.isConnected || !id ? element : (tree?.getElementById(id) ?? null);
  return {
    isThere: () => !!node?.isConnected && node !== node.ownerDocument?.body,
    element: same,
    follow(records) {
      for (const record of records)
        for (const removed of record.removedNodes)
          if (node && holds(removed, node)) {
            const { nextSibling, target } = record;
            trail.push(...idsFrom(node, removed, record));
            const instead = insteadOf(node, removed, record);
            node = instead?.node ?? nextSibling ?? target;
            after = instead?.isPast ?? !nextSibling;
            heading = headingInstead(records, target) ?? heading;
          }
    },
    giveBack(scope, choice) {
      const own = same();
      const isFree = (each: Element | null | undefined): boolean =>
        !!each?.isConnected && each !== each.ownerDocument.body && canFocus(each);
      const wish =
        chosen(choice, scope.ownerDocument, 'focusReturn') ?? (isFree(own) || !isFree(other) ? own : other);
      if (wish?.isConnected && wish !== scope && canFocus(wish)) focusOn(wish, { preventScroll: true });
      if (wish && wish === activeIn(wish)) return;
      const stops = tabbables(scope);
      for (const element of trail.map((each) => tree?.getElementById(each))) {
        const stop = element && stops.find((each) => holds(element, each));
        if (stop) return stop.focus();
      }
      if (heading?.isConnected && canFocus(heading)) return focusHeading(heading);
      const next = outer?.();
      if (next) return next.giveBack(scope);
      const follows = (stop: Element): boolean =>
        !!node && (stop === node || (isAfter(stop, node) && !(after && holds(node, stop))));
      (stops.find(follows) ?? stops.at(-1) ?? scope).focus();
    },
  };
}
