// Attributes: given all that is wanted, writes what differs, keeps what stood there, and puts back the rest.
import type { Attributes } from '../core/contract/contract.js';

/** Has the page show `wanted` and nothing else: what is not wanted any more goes back to what stood there. */
export type Show = (wanted: Map<Element, Attributes>) => void;

interface PageOf {
  before: Attributes;
  /** The names of the attributes as the author wrote them. */
  order: string[];
}

/** An attribute that went and came back stands last: puts what stood behind it behind it again. */
const reorder = (element: Element, order: string[]): void => {
  const now = element.getAttributeNames();
  const from = order.findIndex((name, at) => name !== now[at]);
  // Where something else was added or taken away, the order is no longer ours to mend.
  if (from < 0 || now.length !== order.length) return;
  for (const name of order.slice(from)) {
    const attribute = element.getAttributeNode(name);
    if (attribute) element.setAttributeNode(element.removeAttributeNode(attribute));
  }
};

export function ledger(): Show {
  const pages = new Map<Element, PageOf>();
  return (wanted) => {
    for (const element of new Set([...wanted.keys(), ...pages.keys()])) {
      const page = pages.get(element) ?? { before: {}, order: element.getAttributeNames() };
      const { before, order } = page;
      const attributes: Attributes = { ...before, ...wanted.get(element) };
      for (const name in attributes) {
        const value = attributes[name]!;
        const current = element.getAttribute(name);
        if (value === current) continue;
        if (!(name in before)) before[name] = current;
        if (value === null) element.removeAttribute(name);
        else element.setAttribute(name, value);
      }
      if (wanted.has(element)) pages.set(element, page);
      else if (pages.delete(element)) reorder(element, order);
    }
  };
}
