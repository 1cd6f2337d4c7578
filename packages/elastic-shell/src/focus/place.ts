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
      for (const { removedNodes, nextSibling, target } of records)
        for (const removed of removedNodes)
          if (node && holds(removed, node)) {
            node = nextSibling ?? target;
            after = !nextSibling;
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
      if (heading?.isConnected && canFocus(heading)) return focusHeading(heading);
      const next = outer?.();
      if (next) return next.giveBack(scope);
      const stops = tabbables(scope);
      const follows = (stop: Element): boolean =>
        !!node && (stop === node || (isAfter(stop, node) && !(after && holds(node, stop))));
      (stops.find(follows) ?? stops.at(-1) ?? scope).focus();
    },
  };
}
