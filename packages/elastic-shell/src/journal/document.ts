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

/** The markup of an element and what is in it. */
export function markupOf(element: Element, parent?: Markup): Markup {
  const children: (Markup | string)[] = [];
  const markup: Markup = {
    tag: element.localName,
    // What the platform shows as a modal dialog it has opened itself: that is no open attribute of the author's.
    attribute: (name) => (name === 'open' && isModal(element) ? null : element.getAttribute(name)),
    names: () => element.getAttributeNames(),
    parent,
    children,
  };
  for (const node of element.childNodes)
    if (apart.has(node)) continue;
    else if (isElement(node)) children.push(markupOf(node, markup));
    else if (node.nodeType === 3) children.push(node.nodeValue ?? '');
  seen.set(markup, element);
  return markup;
}
