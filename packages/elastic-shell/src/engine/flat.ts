// The flat tree: the page as the browser shows it, with slotted content in its slot and shadow roots inside their hosts.
//
// Scripts can't look into a closed shadow root from outside. Inside of one, slots return their content.
import { isElement, matches, treeOf } from './dom.js';

const isSlot = (node: Node): node is HTMLSlotElement => isElement(node) && node.localName === 'slot';

/** Returns the children of an element in the flat tree. */
const shownIn = (parent: ParentNode & Node): Iterable<Element> => {
  const shadow = isElement(parent) ? parent.shadowRoot : null;
  const slotted = isSlot(parent) ? parent.assignedElements() : [];
  return slotted.length ? slotted : (shadow ?? parent).children;
};

/** Returns whether the flat tree of `scope` differs from its markup. */
const isMixed = (scope: ParentNode): boolean =>
  [...scope.querySelectorAll('*')].some((element) => element.shadowRoot || isSlot(element));

/** Returns the elements in `scope` that match, in the order of the flat tree. */
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

/** Returns the parent of `node` in the flat tree. */
const parentOf = (node: Node & { assignedSlot?: Node | null; host?: Node }): Node | null =>
  node.assignedSlot ?? node.parentNode ?? node.host ?? null;

/** Returns the path from the document to `node` in the flat tree. */
const pathTo = (node: Node): Node[] => {
  const path: Node[] = [];
  for (let at: Node | null = node; at; at = parentOf(at)) path.unshift(at);
  return path;
};

/** Returns whether `outer` is `inner` or contains it in the flat tree. */
export function holds(outer: Node, inner: Node | null | undefined): boolean {
  if (!inner) return false;
  if (outer.contains(inner)) return true;
  for (let at: Node | null = inner; at; at = parentOf(at)) if (at === outer) return true;
  // Slotted content of a closed shadow root has no `assignedSlot`.
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

/** Returns whether `node` or an ancestor in the flat tree matches. */
export function isWithin(node: Node, selector: string): boolean {
  return pathTo(node).some((at) => isElement(at) && matches(at, selector));
}

/** Returns whether `other` follows `node` in the flat tree, or is inside it. */
export function isAfter(other: Node, node: Node): boolean {
  const path = pathTo(node);
  const otherPath = pathTo(other);
  const at = otherPath.findIndex((each, index) => each !== path[index]);
  const [mine, its] = [path[at], otherPath[at]];
  if (!its || other === node) return false;
  // Both are children of the same node.
  return !mine || !!(mine.compareDocumentPosition(its) & Node.DOCUMENT_POSITION_FOLLOWING);
}

/** Returns the element that has focus, also inside open shadow roots and inside the closed ones that contain `near`. */
export function focusedFrom(near: Element): Element | null {
  let active = treeOf(near).activeElement ?? near.ownerDocument.activeElement;
  while (active?.shadowRoot?.activeElement) active = active.shadowRoot.activeElement;
  return active;
}
