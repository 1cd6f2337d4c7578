// A live document as the rules see it.
import type { Markup } from '../core/rules/markup.js';
import { apart } from '../engine/apart.js';
import { isElement } from '../engine/dom.js';

/** Whether an element stands apart from the page, or in the shadow tree of what does. */
export function isApart(element: Element): boolean {
  const root = element.getRootNode();
  return apart.has(element) || ('host' in root && isElement(root.host) && isApart(root.host));
}

const seen = new WeakMap<Markup, Element>();

/** The element that a finding's markup was made of. */
export const elementOf = (markup: Markup): Element | undefined => seen.get(markup);

const isModal = (element: Element): boolean => 'showModal' in element && element.matches(':modal');

/** What stands in an element, without what stands apart. */
const childrenOf = (element: Element, markup: Markup): (Markup | string)[] =>
  [...element.childNodes].flatMap((node) => {
    if (isElement(node)) return apart.has(node) ? [] : markupOf(node, markup);
    return node.nodeType === 3 ? (node.nodeValue ?? '') : [];
  });

/** The markup of an element and what is in it, which is read when it is first asked for. */
export function markupOf(element: Element, parent?: Markup): Markup {
  let children: (Markup | string)[] | undefined;
  const markup: Markup = {
    tag: element.localName,
    // What the platform shows as a modal dialog it has opened itself: that is no open attribute of the author's.
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
