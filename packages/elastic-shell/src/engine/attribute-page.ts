// The attributes that one writer wants on one element. It writes the differences, remembers the original
// values, and distinguishes its own values from those that other code has written since.
import type { Attributes } from '../core/contract/contract.js';

/** An attribute that other code has overwritten. */
export interface Rewrite {
  element: Element;
  name: string;
  /** The present value. */
  value: string | null;
}

/** One attribute: the author's original value, and the value that was written last. */
export interface Mark {
  before: string | null;
  written: string | null;
}

/** Called when other code overwrites attributes of one writer. */
export type Owner = (rewrites: Rewrite[]) => void;

/** An element's known attributes, and the wanted ones by sheet. */
export interface Page {
  owner: Owner;
  marks: Map<string, Mark>;
  wanted: (Attributes | undefined)[];
  /** The order of the author's attributes before one of them was removed. */
  order?: string[];
}

/**
 * Restores the original order: an attribute that was removed and added again would be last, so the author's
 * others are moved behind it.
 */
export const putBack = (element: Element, { marks, order }: Page): void => {
  for (const [name, mark] of marks) {
    // Other code has written a newer value, which is kept.
    if (element.getAttribute(name) !== mark.written || mark.before === mark.written) continue;
    if (mark.before === null) element.removeAttribute(name);
    else element.setAttribute(name, mark.before);
  }
  for (const name of order ?? []) {
    const attribute = element.getAttributeNode(name);
    if (attribute) element.setAttributeNode(element.removeAttributeNode(attribute));
  }
};

/** Writes one attribute, and remembers the previous value unless it was ours. */
const settle = (element: Element, page: Page, name: string, value: string | null): void => {
  const { marks } = page;
  const current = element.getAttribute(name);
  const mark = marks.get(name);
  if (value === current) {
    if (mark) mark.written = value;
    return;
  }
  // Rewriting a style attribute would violate a strict Content-Security-Policy.
  if (value === null)
    page.order ??= element
      .getAttributeNames()
      .filter((own) => marks.get(own)?.before !== null && own !== 'style');
  if (!mark) marks.set(name, { before: current, written: value });
  else {
    if (mark.written !== current) mark.before = current;
    mark.written = value;
  }
  if (value === null) element.removeAttribute(name);
  else element.setAttribute(name, value);
};

const wantedOn = ({ wanted }: Page): Attributes => {
  const [only = {}] = wanted;
  return wanted.length > 1 ? Object.assign({}, ...wanted) : only;
};

/** Writes the wanted attributes to an element. */
export const write = (element: Element, page: Page): void => {
  const attributes = wantedOn(page);
  for (const name of Object.keys(attributes)) settle(element, page, name, attributes[name] ?? null);
  for (const [name, mark] of page.marks) {
    if (Object.hasOwn(attributes, name)) continue;
    const current = element.getAttribute(name);
    if (current === mark.written) settle(element, page, name, mark.before);
    // It belongs to other code since we released it.
    else mark.before = mark.written = current;
  }
};

/**
 * Reads values that other code has written: the author's newer ones, and those that overwrite a wanted one.
 */
export const rewriteOf = (element: Element, page: Page, name: string): Rewrite | undefined => {
  const wanted = wantedOn(page);
  const isWanted = Object.hasOwn(wanted, name);
  const mark = page.marks.get(name);
  if (!isWanted && !mark) return undefined;
  const value = element.getAttribute(name);
  const expected = mark ? mark.written : (wanted[name] ?? null);
  if (value === expected) return undefined;
  page.marks.set(name, { before: value, written: value });
  return isWanted ? { element, name, value } : undefined;
};
