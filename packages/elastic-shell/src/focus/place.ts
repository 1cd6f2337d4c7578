// Where focus returns to. If the opener is gone, the platform moves focus to the body. A place (`placeOf`)
// outlives its element: it follows removed nodes, and then refers to what comes after them.
import { isElement, matches, treeOf } from '../engine/dom.js';
import { holds, isAfter } from '../engine/flat.js';
import { activeIn, canFocus, chosen, type FocusChoice, focusOn, tabbables } from './focusable.js';

/** A place in the document that outlives its element. */
export interface Place {
  /** Handles nodes that left the document. */
  follow(records: MutationRecord[]): void;
  /** Returns whether anything of its surroundings is left. Nothing is if the whole page was replaced. */
  isThere(): boolean;
  /** Returns the element that focus would move to, if it is in the document. */
  element(): Element | null;
  /** Focuses the element, or else what follows its place, or else what precedes it. */
  giveBack(scope: HTMLElement, choice?: FocusChoice): void;
}

/** An element around a place, its id if it is the row of the place, and the ids of what follows it. */
type Level = readonly [element: Element, row: string, following: readonly string[]];

/** The number of siblings that are stored at each level. */
const most = 50;

/**
 * Returns an element and its ancestors, each with the ids of what follows it. They are read while it is in
 * the page, because a framework that renders a list again may move all that follows before it removes the
 * row.
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

/** Returns the ancestors of `node` in what was removed, from the outside inwards. */
const pathIn = (removed: Node, node: Node): Element[] => {
  const path: Element[] = [];
  for (let at: Node | null = node; at; at = at === removed ? null : at.parentNode)
    if (isElement(at)) path.unshift(at);
  return path;
};

/**
 * Returns the replacement of `node` in what was inserted in place of `removed`. `isPast`: there is none, and
 * `node` was the last.
 */
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

/**
 * Returns the `h1` that was inserted under `parent` in the same moment: the heading of the page that a link
 * in the layer leads to.
 */
const headingInstead = (records: MutationRecord[], parent: Node): HTMLElement | undefined =>
  records
    .filter(({ target }) => target === parent)
    .flatMap(({ addedNodes }) => [...addedNodes])
    .filter(isElement)
    .flatMap((added) => (matches(added, 'h1') ? added : [...added.querySelectorAll<HTMLElement>('h1')]))[0];

/** Focuses a heading, which isn't a tab stop before and after. */
function focusHeading(heading: HTMLElement): void {
  if (!heading.hasAttribute('tabindex')) {
    heading.tabIndex = -1;
    heading.addEventListener('blur', () => heading.removeAttribute('tabindex'), { once: true });
  }
  heading.focus();
}

/**
 * `outer` is the place of the layer that contains the element, for when that has closed. `other` had focus,
 * for when the element cannot take it, such as an item of a menu that closed on its own click.
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
  // To the user, an element that was replaced by one with the same id is still the same.
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
          // An element that was only moved is still used where it is.
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
      // On another page, the surrounding element is a different one, even with the same id.
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
