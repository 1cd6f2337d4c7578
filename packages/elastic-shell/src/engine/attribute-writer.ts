// Attributes: given all that is wanted, writes what differs, keeps what stood there, and puts back the rest.
import type { Attributes } from '../core/contract/contract.js';

/** An element, and what shall stand on it. */
export type Part = readonly [Element, Attributes | undefined];

/** Has the page show `parts` and nothing else: what is not wanted any more goes back to what stood there. Of two for one element both count, the later before the earlier. */
export type Show = (parts: Iterable<Part>) => void;

/** What stood on an element; and in which order, from when one of the author's attributes was taken away. */
interface Before {
  values: Attributes;
  order?: string[];
  /** What is wanted, and what was last: given the very same object again, the page need not be read. */
  next?: Attributes;
  last?: Attributes;
  /** The turn in which it was wanted. */
  turn?: number;
}

const write = (element: Element, before: Before, attributes: Attributes): void => {
  for (const name in attributes) {
    const value = attributes[name]!;
    const current = element.getAttribute(name);
    if (value === current) continue;
    if (!(name in before.values)) before.values[name] = current;
    if (value !== null) element.setAttribute(name, value);
    else {
      // A style attribute that is written again would break a strict Content-Security-Policy.
      before.order ??= element
        .getAttributeNames()
        .filter((own) => before.values[own] !== null && own !== 'style');
      element.removeAttribute(name);
    }
  }
};

export function attributeWriter(): Show {
  const pages = new Map<Element, Before>();
  let turn = 0;
  return (parts) => {
    turn++;
    for (const [element, attributes = {}] of parts) {
      let before = pages.get(element);
      if (!before) pages.set(element, (before = { values: {} }));
      before.next = before.turn === turn ? { ...before.next, ...attributes } : attributes;
      before.turn = turn;
    }
    pages.forEach((before, element) => {
      const { values, order, next } = before;
      if (before.turn === turn) {
        if (before.last !== next) write(element, before, { ...values, ...next });
        before.last = next!;
        return;
      }
      write(element, before, values);
      // An attribute that went and came back stands last: the author's others go behind it again.
      for (const name of order ?? []) {
        const attribute = element.getAttributeNode(name);
        if (attribute) element.setAttributeNode(element.removeAttributeNode(attribute));
      }
      pages.delete(element);
    });
  };
}
