// Attributes: given all that is wanted, writes what differs, keeps what stood there, and puts back the rest.
import type { Attributes } from '../core/contract/contract.js';

/** Has the page show `wanted` and nothing else: what is not wanted any more goes back to what stood there. */
export type Show = (wanted: Map<Element, Attributes>) => void;

export function ledger(): Show {
  const pages = new Map<Element, Attributes>();
  return (wanted) => {
    for (const element of new Set([...wanted.keys(), ...pages.keys()])) {
      const before = pages.get(element) ?? {};
      const attributes: Attributes = { ...before, ...wanted.get(element) };
      for (const name in attributes) {
        const value = attributes[name]!;
        const current = element.getAttribute(name);
        if (value === current) continue;
        before[name] ??= current;
        if (value === null) element.removeAttribute(name);
        else element.setAttribute(name, value);
      }
      if (wanted.has(element)) pages.set(element, before);
      else pages.delete(element);
    }
  };
}
