// Questions about the DOM that its types leave open: the elements of events, the trees of nodes, cells among
// options.
import type { Cell } from '../core/cell.js';

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** Returns true for an element, also from another window (a frame), where `instanceof` fails. */
export const isElement = (value: unknown): value is HTMLElement =>
  isObject(value) && 'nodeType' in value && value.nodeType === 1;

let known: Element | undefined;

/**
 * The methods of elements. Kept because a test runner removes the globals while mutation records are pending.
 */
const methods = (): Element => (known ??= Element.prototype);

/** Returns whether an element matches. Works for a form with a field named `matches`, which hides the method. */
export const matches = (element: Element, selector: string): boolean =>
  methods().matches.call(element, selector);

/** Returns the nearest ancestor that matches, or the element itself. Works for a form with a field named `closest`. */
export const closest = <E extends Element = HTMLElement>(element: Element, selector: string): E | undefined =>
  methods().closest.call<Element, [string], E | null>(element, selector) ?? undefined;

/** Returns the first match of an option's selector. Throws a TypeError that names the option if the selector is invalid. */
export function matchOf(within: ParentNode, selector: string, option: string): Element | undefined {
  try {
    return within.querySelector(selector) ?? undefined;
  } catch {
    throw new TypeError(
      `elastic-shell: option ${option} must be a valid selector, got ${described(selector)}`,
    );
  }
}

/**
 * Returns the element that an event happened on, or undefined if that was a document or a window.
 *
 * @param event - The event.
 * @returns The element, or undefined.
 */
export const targetOf = ({ target }: Event): HTMLElement | undefined =>
  isElement(target) ? target : undefined;

/**
 * Returns the first matching element on the path of an event, from its target outward, including the slot of
 * its target.
 */
export function closestTo(event: Event, selector: string): HTMLElement | undefined {
  return event.composedPath().find((node): node is HTMLElement => isElement(node) && matches(node, selector));
}

/** Returns the innermost element that an event happened on, also inside a shadow root. */
export const innermostOf = (event: Event): HTMLElement | undefined => {
  const [innermost] = event.composedPath();
  return isElement(innermost) ? innermost : undefined;
};

/** Returns the document or the shadow root that contains `node`, or its document if it is in neither. */
export const treeOf = (node: Node): Document | ShadowRoot => {
  const root = node.getRootNode();
  // The node type decides which it is.
  if (root.nodeType === 9 || (root.nodeType === 11 && 'host' in root)) return root as Document | ShadowRoot;
  return node.ownerDocument ?? document;
};

/**
 * Returns the top of the tree that contains `node`, attached or not: a document, a shadow root, a fragment,
 * or the topmost element.
 */
export const topOf = (node: Node): Node & ParentNode =>
  // The top of a tree can always be searched.
  node.getRootNode() as Node & ParentNode;

/** Returns the element with `id` in the tree that contains `node`, attached or not. */
export const elementNamed = (node: Node, id: string | null | undefined): HTMLElement | undefined => {
  const root = node.getRootNode();
  if (!id) return undefined;
  // Documents, shadow roots and fragments have it.
  if ('getElementById' in root) return (root as Document).getElementById(id) ?? undefined;
  // The top of a detached tree is an element. It is searched with a selector, and may match itself.
  if (!isElement(root)) return undefined;
  return root.id === id
    ? root
    : (root.querySelector<HTMLElement>(`[id="${id.replace(/["\\]/g, '\\$&')}"]`) ?? undefined);
};

/**
 * Returns the window of an element, with its constructors. A document without one (of a template) uses that
 * of the page.
 */
export const windowOf = (node: Document | Element): Window & typeof globalThis =>
  ('defaultView' in node ? node : node.ownerDocument).defaultView ?? window;

/** Returns the CSS zoom of an element: CSS pixels of the viewport for each pixel of its own. 1 if the browser can't tell. */
export const zoomOf = (element: Element): number => element.currentCSSZoom ?? 1;

/** Returns true for a cell, or an object of its shape. */
export const isCell = <T>(value: unknown): value is Cell<T> =>
  isObject(value) && 'subscribe' in value && typeof value.subscribe === 'function';

/** Formats an element as its opening tag, or any other value as text, shortened for messages. */
export function described(value: unknown): string {
  const text = isElement(value)
    ? `<${[value.localName, ...[...value.attributes].map(({ name, value: is }) => `${name}="${is}"`)].join(' ')}>`
    : typeof value === 'string'
      ? `"${value}"`
      : textOf(value);
  return text.length > 80 ? `${text.slice(0, 77)}…` : text;
}

const textOf = (value: unknown): string => {
  if (typeof value === 'function') return 'a function';
  if (isObject(value) && 'nodeName' in value) return String(value.nodeName);
  try {
    return isObject(value) ? JSON.stringify(value) : String(value);
  } catch {
    return 'an object';
  }
};
