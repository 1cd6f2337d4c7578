// The attribute writer: the only one that writes attributes. It is told what should stand on which element, writes
// what differs, keeps what stood there, and puts it back when nobody wants it any more.
//
// Each service has a sheet of its own, so that one which knows what changed can patch that alone. Given the very same object
// again for an element, the page is not even read.
import type { Attributes } from '../core/contract/contract.js';

/** An element, and what shall stand on it; undefined for nothing more. */
export type Part = readonly [Element, Attributes | undefined];

/**
 * What one service wants of its elements. The sheets of one writer count together: where two want something of the same
 * element both do, the later sheet before the earlier.
 */
export interface Sheet {
  /** Wants `parts` and nothing else: elements that are not named any more are let go. */
  show(parts: Iterable<Part>): void;
  /** Wants something else of these elements, each named once; the others stay as they are. */
  patch(parts: Iterable<Part>): void;
}

/** Writes the attributes of one wired root and of its parts. */
export interface AttributeWriter {
  sheet(): Sheet;
  /** Puts back everything. */
  restore(): void;
}

/** What stood on an element, and what is wanted on it now, by sheet. */
interface Page {
  before: Map<string, string | null>;
  wanted: (Attributes | undefined)[];
  /** The order of the author's attributes, from when one of them was taken away. */
  order?: string[];
}

/** The attributes as they were; one that went and came back stands last, so the author's others go behind it again. */
const putBack = (element: Element, { before, order }: Page): void => {
  for (const [name, value] of before)
    if (value === null) element.removeAttribute(name);
    else if (element.getAttribute(name) !== value) element.setAttribute(name, value);
  for (const name of order ?? []) {
    const attribute = element.getAttributeNode(name);
    if (attribute) element.setAttributeNode(element.removeAttributeNode(attribute));
  }
};

/** Writes one attribute that is wanted, or not any more, and keeps what stood there. */
const settle = (element: Element, page: Page, name: string, value: string | null): void => {
  const { before } = page;
  const current = element.getAttribute(name);
  if (value === current) return;
  // A style attribute that is written again would break a strict Content-Security-Policy.
  if (value === null)
    page.order ??= element.getAttributeNames().filter((own) => before.get(own) !== null && own !== 'style');
  if (!before.has(name)) before.set(name, current);
  if (value === null) element.removeAttribute(name);
  else element.setAttribute(name, value);
};

const write = (element: Element, page: Page): void => {
  const { before, wanted } = page;
  const [only = {}] = wanted;
  const attributes: Attributes = wanted.length > 1 ? Object.assign({}, ...wanted) : only;
  for (const name of Object.keys(attributes)) settle(element, page, name, attributes[name] ?? null);
  for (const [name, value] of before)
    if (!Object.hasOwn(attributes, name)) settle(element, page, name, value);
};

/** Makes a writer that has written nothing yet. */
export function attributeWriter(): AttributeWriter {
  const pages = new Map<Element, Page>();
  let sheets = 0;

  const want = (sheet: number, element: Element, attributes: Attributes | undefined): void => {
    const page = pages.get(element) ?? { before: new Map(), wanted: [] };
    // The very same object again: the page need not be read.
    if (page.wanted[sheet] === attributes) return;
    pages.set(element, page);
    page.wanted[sheet] = attributes;
    if (page.wanted.some(Boolean)) return write(element, page);
    putBack(element, page);
    pages.delete(element);
  };

  return {
    sheet() {
      const mine = sheets++;
      const held = new Set<Element>();
      const patch: Sheet['patch'] = (parts) => {
        for (const [element, attributes] of parts) {
          want(mine, element, attributes);
          if (attributes) held.add(element);
          else held.delete(element);
        }
      };
      return {
        patch,
        show(parts) {
          const all = new Map<Element, Attributes>();
          for (const [element, attributes = {}] of parts) {
            const other = all.get(element);
            all.set(element, other ? { ...other, ...attributes } : attributes);
          }
          patch([...held].filter((element) => !all.has(element)).map((element) => [element, undefined]));
          patch(all);
        },
      };
    },
    restore() {
      for (const [element, page] of pages) putBack(element, page);
      pages.clear();
    },
  };
}
