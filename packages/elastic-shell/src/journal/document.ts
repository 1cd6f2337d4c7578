// A live document as the rules see it.
import type { Markup } from '../core/rules/markup.js';
import { isElement } from '../engine/dom.js';

const seen = new WeakMap<Markup, Element>();

/** The element that a finding's markup was made of. */
export const elementOf = (markup: Markup): Element | undefined => seen.get(markup);

/** The markup of an element and what is in it. */
export function markupOf(element: Element, parent?: Markup): Markup {
  const markup: Markup = {
    tag: element.localName,
    attribute: (name) => element.getAttribute(name),
    parent,
    children: [],
  };
  markup.children = [...element.childNodes].flatMap((node): (Markup | string)[] => {
    if (isElement(node)) return [markupOf(node, markup)];
    return node.nodeType === 3 ? [node.nodeValue ?? ''] : [];
  });
  seen.set(markup, element);
  return markup;
}
