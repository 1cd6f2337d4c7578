// For scripts that morph one page into another: what of the old page has to stay as the library has made it.
import { matches } from '../engine/dom.js';
import { isOurs } from '../engine/made.js';
import { engineOf } from '../engine/registry.js';

const isElementNode = (node: Node): node is HTMLElement => node.nodeType === 1;

/** Custom properties go from one style to the other: written as an attribute, a strict policy would refuse them. */
function keepProperties(from: HTMLElement, to: HTMLElement): void {
  for (const name of from.style)
    if (isOurs(from, name))
      to.style.setProperty(name, from.style.getPropertyValue(name), from.style.getPropertyPriority(name));
}

/** Whether a field has what a user has done to it, which the markup does not say: it has focus, or is a part of something wired. */
const isInUse = (field: HTMLElement): boolean =>
  matches(field, ':focus') || field.role === 'combobox' || !!engineOf(field);

/** Has a field stay as it is: a morph makes its value what its attribute says. */
function keepField(from: Partial<HTMLInputElement>, to: Partial<HTMLInputElement>): void {
  if (from.value !== undefined && to.value !== undefined && from.type !== 'file') to.value = from.value;
  if (from.checked !== undefined) to.checked = from.checked;
}

/**
 * Has `to` say what the library has written on `from`, so that a morph of `from` into `to` leaves that alone: states, ids that were
 * given, and custom properties, without a style attribute. A field that has focus keeps its text. What the library has made itself is
 * no part of what the server sends: it stays, and `to` is put before it.
 *
 * Returns false if `from` is not to be morphed. Made for the hook that is called before an element is updated. Anything but elements
 * passes.
 */
export function keepOurs(from: Node, to: Node): boolean {
  if (isOurs(from)) {
    from.parentNode?.insertBefore(to.cloneNode(true), from);
    return false;
  }
  if (!isElementNode(from) || !isElementNode(to)) return true;
  for (const name of new Set([...from.getAttributeNames(), ...to.getAttributeNames()])) {
    if (name === 'style' || !isOurs(from, name)) continue;
    const value = from.getAttribute(name);
    if (value === null) to.removeAttribute(name);
    else to.setAttribute(name, value);
  }
  keepProperties(from, to);
  if (isInUse(from)) keepField(from, to);
  return true;
}

/** Returns the id that an author has given a node; empty for any other. For scripts that find nodes again by their ids. */
export const authorId = (node: Node): string => (isElementNode(node) && !isOurs(node, 'id') ? node.id : '');
