// The flat tree: the page as it is shown. What is slotted stands where its slot does, and what is in a shadow root inside its host.
//
// Nothing of a closed shadow root can be found from outside. Within one, what is slotted is found by asking the slot.
import { isElement, matches, treeOf } from './dom.js';

const isSlot = (node: Node): node is HTMLSlotElement => isElement(node) && node.localName === 'slot';

/** The elements that a slot shows; without any, its own. */
const shownIn = (parent: ParentNode & Node): Iterable<Element> => {
  const shadow = isElement(parent) ? parent.shadowRoot : null;
  const slotted = isSlot(parent) ? parent.assignedElements() : [];
  return slotted.length ? slotted : (shadow ?? parent).children;
};

/** Returns whether anything in `scope` is shown elsewhere than it stands. */
const isMixed = (scope: ParentNode): boolean =>
  [...scope.querySelectorAll('*')].some((element) => element.shadowRoot || isSlot(element));

/** Returns the elements in `scope` that match, in the order in which they are shown. */
export function elementsIn(scope: ParentNode & Node, selector: string): HTMLElement[] {
  if (!(isElement(scope) && (scope.shadowRoot ?? isSlot(scope))) && !isMixed(scope))
    return [...scope.querySelectorAll<HTMLElement>(selector)];
  const found: HTMLElement[] = [];
  const visit = (parent: ParentNode & Node): void => {
    for (const child of shownIn(parent)) {
      if (isElement(child) && matches(child, selector)) found.push(child);
      visit(child);
    }
  };
  visit(scope);
  return found;
}

/** What holds `node` in the page as it is shown. */
const parentOf = (node: Node): Node | null => {
  const slot = 'assignedSlot' in node ? (node as Element).assignedSlot : null;
  // Only a shadow root has a host.
  return slot ?? node.parentNode ?? (node as Partial<ShadowRoot>).host ?? null;
};

/** Returns the elements around `node`, and the shadow roots, from the outermost to itself. */
const pathTo = (node: Node): Node[] => {
  const path: Node[] = [];
  for (let at: Node | null = node; at; at = parentOf(at)) path.unshift(at);
  return path;
};

/** Returns whether `outer` is or holds `inner`. */
export function holds(outer: Node, inner: Node | null | undefined): boolean {
  if (!inner) return false;
  if (outer.contains(inner)) return true;
  for (let at: Node | null = inner; at; at = parentOf(at)) if (at === outer) return true;
  // The slots of a closed shadow root don't say where they are: what they show is asked of them.
  const top = outer.getRootNode();
  return (
    'mode' in top &&
    top.mode === 'closed' &&
    isElement(outer) &&
    [...outer.querySelectorAll('slot')].some((slot) =>
      slot.assignedElements({ flatten: true }).some((slotted) => holds(slotted, inner)),
    )
  );
}

/** Returns whether `node` or anything around it matches. */
export function isWithin(node: Node, selector: string): boolean {
  return pathTo(node).some((at) => isElement(at) && matches(at, selector));
}

/** Returns whether `other` comes after `node`, or inside it. */
export function isAfter(other: Node, node: Node): boolean {
  const path = pathTo(node);
  const otherPath = pathTo(other);
  const at = otherPath.findIndex((each, index) => each !== path[index]);
  const [mine, its] = [path[at], otherPath[at]];
  if (!its || other === node) return false;
  // Both stand in the same tree, below the last that they have in common.
  return !mine || !!(mine.compareDocumentPosition(its) & Node.DOCUMENT_POSITION_FOLLOWING);
}

/** Returns what has focus, through open shadow roots and through the closed ones that `near` stands in. */
export function focusedFrom(near: Element): Element | null {
  let active = treeOf(near).activeElement ?? near.ownerDocument.activeElement;
  while (active?.shadowRoot?.activeElement) active = active.shadowRoot.activeElement;
  return active;
}
