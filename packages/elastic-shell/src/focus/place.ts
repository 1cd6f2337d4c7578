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

/** One of the elements around a place, its id if it is the row of the place, and the ids of what follows it. */
type Level = readonly [element: Element, row: string, following: readonly string[]];

/** How many siblings of each level are remembered. */
const most = 50;

/**
 * Returns an element and those around it, each with the ids of what follows it. They are remembered while it is there: whoever renders a
 * list again may have moved all that follows before the row takes its leave.
 */
function levelsOf(element: Element | null): Level[] {
  const levels: Level[] = [];
  let hasRow = false;
  for (let at = element; at; at = at.parentElement) {
    const ids: string[] = [];
    // The innermost element with an id is the row.
    const isRow: boolean = at !== element && !!at.id && !hasRow;
    hasRow ||= isRow;
    for (let next = at.nextElementSibling; next && ids.length < most; next = next.nextElementSibling)
      if (next.id) ids.push(next.id);
    levels.push([at, isRow ? at.id : '', ids]);
  }
  return levels;
}

/** Returns the elements around `node` in what was removed, from the outside inward. */
const pathIn = (removed: Node, node: Node): Element[] => {
  const path: Element[] = [];
  for (let at: Node | null = node; at; at = at === removed ? null : at.parentNode)
    if (isElement(at)) path.unshift(at);
  return path;
};

/** Returns what stands where `node` did, in what was put in the place of `removed`; `isPast`: nothing does, and it was the last there. */
const insteadOf = (
  node: Node,
  removed: Node,
  { removedNodes, addedNodes }: MutationRecord,
): { node: Node; isPast: boolean } | undefined => {
  let among = [...addedNodes].filter(isElement);
  let found: { node: Node; isPast: boolean } | undefined;
  for (const level of pathIn(removed, node)) {
    const siblings = level === removed ? removedNodes : (level.parentNode?.children ?? []);
    const instead = among[[...siblings].filter(isElement).findIndex((each) => each === level)];
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
  let levels = levelsOf(element);
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
          // What was only moved is still where it counts.
          if (node && !node.isConnected && holds(removed, node)) {
            const { nextSibling, target } = record;
            const instead = insteadOf(node, removed, record);
            node = instead?.node ?? nextSibling ?? target;
            after = instead?.isPast ?? !nextSibling;
            heading = headingInstead(records, target) ?? heading;
          }
    },
    giveBack(scope, choice) {
      if (element?.isConnected) levels = levelsOf(element);
      const own = same();
      const isFree = (each: Element | null | undefined): boolean =>
        !!each?.isConnected && each !== each.ownerDocument.body && canFocus(each);
      const wish =
        chosen(choice, scope.ownerDocument, 'focusReturn') ?? (isFree(own) || !isFree(other) ? own : other);
      if (wish?.isConnected && wish !== scope && canFocus(wish)) focusOn(wish, { preventScroll: true });
      if (wish && wish === activeIn(wish)) return;
      const stops = tabbables(scope);
      const gone = levels.filter(([level]) => !level.isConnected);
      // With another page the element around is not the same one, though it may have the same id.
      for (const id of gone.flatMap(([, row, following]) => [heading ? '' : row, ...following])) {
        const again = tree?.getElementById(id);
        const stop = again && stops.find((each) => holds(again, each));
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
