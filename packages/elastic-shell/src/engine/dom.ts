// What the DOM's own types leave open, asked in one place: elements of events, trees that nodes stand in, cells among options.
import type { Cell } from '../core/cell.js';

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** True for an element, also for one of another window (a frame's), where `instanceof` is not. */
export const isElement = (value: unknown): value is HTMLElement =>
  isObject(value) && 'nodeType' in value && value.nodeType === 1;

let known: Element | undefined;

/** The methods of elements. Kept, since a test runner takes the global away while mutation records are still to come. */
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
      `elastic-shell: option ${option} should be a valid selector, got ${described(selector)}`,
    );
  }
}

/** The element that an event happened on; undefined where that was a document or a window. */
export const targetOf = ({ target }: Event): HTMLElement | undefined =>
  isElement(target) ? target : undefined;

/** Returns the first element on the way of an event that matches, from its target outward: also one around the slot of its target. */
export function closestTo(event: Event, selector: string): HTMLElement | undefined {
  return event.composedPath().find((node): node is HTMLElement => isElement(node) && matches(node, selector));
}

/** The innermost element that an event happened on, also inside a shadow root. */
export const innermostOf = (event: Event): HTMLElement | undefined => {
  const [innermost] = event.composedPath();
  return isElement(innermost) ? innermost : undefined;
};

/** The document or the shadow root that `node` stands in; its document where it stands in neither. */
export const treeOf = (node: Node): Document | ShadowRoot => {
  const root = node.getRootNode();
  // Its type of node says which it is.
  if (root.nodeType === 9 || (root.nodeType === 11 && 'host' in root)) return root as Document | ShadowRoot;
  return node.ownerDocument ?? document;
};

/** What `node` stands in, attached or not: a document, a shadow root, a fragment, or the topmost element. */
export const topOf = (node: Node): Node & ParentNode =>
  // The top of nodes can always be searched.
  node.getRootNode() as Node & ParentNode;

/** The element with `id` in the tree that `node` stands in, attached or not. */
export const elementNamed = (node: Node, id: string | null | undefined): HTMLElement | undefined => {
  const root = node.getRootNode();
  if (!id) return undefined;
  // A document, a shadow root or a fragment: each has it.
  if ('getElementById' in root) return (root as Document).getElementById(id) ?? undefined;
  // The top of a detached tree is an element: it is asked by a selector, and may be meant itself.
  if (!isElement(root)) return undefined;
  return root.id === id
    ? root
    : (root.querySelector<HTMLElement>(`[id="${id.replace(/["\\]/g, '\\$&')}"]`) ?? undefined);
};

/** The window of an element, with its constructors. A document without one (a template's) has the page's. */
export const windowOf = (node: Document | Element): Window & typeof globalThis =>
  ('defaultView' in node ? node : node.ownerDocument).defaultView ?? window;

/** Returns the CSS zoom of an element: CSS pixels of the viewport for each pixel of its own. 1 if the browser can't tell. */
export const zoomOf = (element: Element): number => element.currentCSSZoom ?? 1;

/** True for a cell, or anything of its shape. */
export const isCell = <T>(value: unknown): value is Cell<T> =>
  isObject(value) && 'subscribe' in value && typeof value.subscribe === 'function';

/** An element's opening tag, or any other value as text; shortened, for messages. */
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
