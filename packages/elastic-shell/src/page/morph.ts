// For scripts that morph one page into another: keeps what the library has written and created.
import { isElement, matches } from '../engine/dom.js';
import { isOurs } from '../engine/made.js';
import { engineOf } from '../engine/registry.js';

/** Copies the library's custom properties. A strict policy forbids writing them as an attribute. */
function keepProperties(from: HTMLElement, to: HTMLElement): void {
  for (const name of from.style)
    if (isOurs(from, name))
      to.style.setProperty(name, from.style.getPropertyValue(name), from.style.getPropertyPriority(name));
}

/** Returns whether the value of a field must stay: it has focus, or it is part of a wired element. */
const isInUse = (field: HTMLElement): boolean =>
  matches(field, ':focus') || field.role === 'combobox' || !!engineOf(field);

/** Copies the value of a field, since a morph resets it to its attribute. */
function keepField(from: Partial<HTMLInputElement>, to: Partial<HTMLInputElement>): void {
  if (from.value !== undefined && to.value !== undefined && from.type !== 'file') to.value = from.value;
  if (from.checked !== undefined) to.checked = from.checked;
}

/**
 * Copies the attributes that the library has written on `from` to `to`, so that morphing `from` into `to`
 * doesn't change them: states, generated ids, and custom properties. It writes no `style` attribute, so it
 * works under a strict policy. The focused field keeps its text. An element that the library has created
 * isn't replaced: a copy of `to` is inserted before it.
 *
 * Call it before a morphing library updates an element.
 *
 * @param from - A node of the page.
 * @param to - The new node. Nodes other than elements aren't changed.
 * @returns False if `from` must not be morphed.
 */
export function keepOurs(from: Node, to: Node): boolean {
  if (isOurs(from)) {
    from.parentNode?.insertBefore(to.cloneNode(true), from);
    return false;
  }
  if (!isElement(from) || !isElement(to)) return true;
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

/**
 * Returns the id of a node, or an empty text if the library has generated it. For morphing libraries that
 * match nodes by id.
 *
 * @param node - The node.
 * @returns The id.
 */
export const authorId = (node: Node): string => (isElement(node) && !isOurs(node, 'id') ? node.id : '');
