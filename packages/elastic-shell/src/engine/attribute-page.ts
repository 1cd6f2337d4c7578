// A page: what one writer knows of one element, and wants on it. It writes what differs, keeps what stood there, and
// tells what is ours from what somebody else has written since.
import type { Attributes } from '../core/contract/contract.js';

/** An attribute that somebody else has written over ours. */
export interface Rewrite {
  element: Element;
  name: string;
  /** What stands there now. */
  value: string | null;
}

/** One attribute: what stood there before, which is the author's, and what was written last. */
export interface Mark {
  before: string | null;
  written: string | null;
}

/** Who hears of what others write over the attributes of one writer. */
export type Owner = (rewrites: Rewrite[]) => void;

/** What is known of an element, and what is wanted on it now, by sheet. */
export interface Page {
  owner: Owner;
  marks: Map<string, Mark>;
  wanted: (Attributes | undefined)[];
  /** The order of the author's attributes, from when one of them was taken away. */
  order?: string[];
}

/** The attributes as they were; one that went and came back stands last, so the author's others go behind it again. */
export const putBack = (element: Element, { marks, order }: Page): void => {
  for (const [name, mark] of marks) {
    // Somebody has written something newer, which is left as it is.
    if (element.getAttribute(name) !== mark.written || mark.before === mark.written) continue;
    if (mark.before === null) element.removeAttribute(name);
    else element.setAttribute(name, mark.before);
  }
  for (const name of order ?? []) {
    const attribute = element.getAttributeNode(name);
    if (attribute) element.setAttributeNode(element.removeAttributeNode(attribute));
  }
};

/** Writes one attribute, and keeps what stood there unless that was ours. */
const settle = (element: Element, page: Page, name: string, value: string | null): void => {
  const { marks } = page;
  const current = element.getAttribute(name);
  const mark = marks.get(name);
  if (value === current) {
    if (mark) mark.written = value;
    return;
  }
  // A style attribute that is written again would break a strict Content-Security-Policy.
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

/** Brings an element up to what is wanted on it. */
export const write = (element: Element, page: Page): void => {
  const attributes = wantedOn(page);
  for (const name of Object.keys(attributes)) settle(element, page, name, attributes[name] ?? null);
  for (const [name, mark] of page.marks) {
    if (Object.hasOwn(attributes, name)) continue;
    const current = element.getAttribute(name);
    if (current === mark.written) settle(element, page, name, mark.before);
    // Somebody else's, since we let go of it.
    else mark.before = mark.written = current;
  }
};

/** Reads what somebody else has written: the author's newer word, and what of it stands where something is wanted. */
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
