// A document in the browser, as the rules see it.
import type { Markup } from '../core/rules/markup.js';
import { apart } from '../engine/apart.js';
import { isElement } from '../engine/dom.js';

/** Returns whether an element is marked as foreign to the page, or is in the shadow tree of one that is. */
export function isApart(element: Element): boolean {
  const root = element.getRootNode();
  return apart.has(element) || ('host' in root && isElement(root.host) && isApart(root.host));
}

const seen = new WeakMap<Markup, Element>();

/** Returns the element of a finding's markup. */
export const elementOf = (markup: Markup): Element | undefined => seen.get(markup);

const isModal = (element: Element): boolean => 'showModal' in element && element.matches(':modal');

/** Returns the children of an element, without foreign ones. */
const childrenOf = (element: Element, markup: Markup): (Markup | string)[] =>
  [...element.childNodes].flatMap((node) => {
    if (isElement(node)) return apart.has(node) ? [] : markupOf(node, markup);
    return node.nodeType === 3 ? (node.nodeValue ?? '') : [];
  });

/** Returns the markup of an element and its content, which is read on first use. */
export function markupOf(element: Element, parent?: Markup): Markup {
  let children: (Markup | string)[] | undefined;
  const markup: Markup = {
    tag: element.localName,
    // A modal dialog was opened by the platform, so its open attribute is not the author's.
    attribute: (name) => (name === 'open' && isModal(element) ? null : element.getAttribute(name)),
    names: () => element.getAttributeNames(),
    parent,
    get children() {
      return (children ??= childrenOf(element, markup));
    },
  };
  seen.set(markup, element);
  return markup;
}
