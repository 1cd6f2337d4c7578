// The attribute writer: the only one that writes attributes. It is told what should stand on which element, writes
// what differs, keeps what stood there, and puts it back when nobody wants it any more.
//
// Each service has a sheet of its own, so that one which knows what changed can patch that alone. Given the very same object
// again for an element, the page is not even read. What somebody else writes meanwhile (a morph, a framework's render) is
// the author's newer word: it is what will be put back, never what stood there before it; whoever runs the pattern is
// told, and decides whether it is followed or written again.
import type { Attributes } from '../core/contract/contract.js';
import { isElement } from './dom.js';

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

/** An attribute that somebody else has written over ours. */
export interface Rewrite {
  element: Element;
  name: string;
  /** What stands there now. */
  value: string | null;
}

/** Writes the attributes of one wired root and of its parts. */
export interface AttributeWriter {
  sheet(): Sheet;
  /** Writes again what is wanted on these elements. */
  again(elements: Iterable<Element>): void;
  /** Puts back everything; nothing is wanted any more. */
  restore(): void;
}

/** One attribute: what stood there before, which is the author's, and what was written last. */
interface Mark {
  before: string | null;
  written: string | null;
}

/** Who hears of what others write over the attributes of one writer. */
type Owner = (rewrites: Rewrite[]) => void;

/** What is known of an element, and what is wanted on it now, by sheet. */
interface Page {
  owner: Owner;
  marks: Map<string, Mark>;
  wanted: (Attributes | undefined)[];
  /** The order of the author's attributes, from when one of them was taken away. */
  order?: string[];
}

/** By element, the pages of all writers that have something on it: mostly one. */
const pagesOn = new WeakMap<Element, readonly Page[]>();

/** True when the attribute of `element` stands as the engine has written it. */
export const isWritten = (element: Element, name: string): boolean =>
  (pagesOn.get(element) ?? []).some(({ marks }) => marks.get(name)?.written === element.getAttribute(name));

/** The attributes as they were; one that went and came back stands last, so the author's others go behind it again. */
const putBack = (element: Element, { marks, order }: Page): void => {
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
      .filter((own) => (marks.get(own)?.before ?? '') !== null && own !== 'style');
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

const write = (element: Element, page: Page): void => {
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
const rewriteOf = (element: Element, page: Page, name: string): Rewrite | undefined => {
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

/** Tells each owner what was found on its pages. */
function tellOwners(found: readonly (readonly [Page, Rewrite | undefined])[]): void {
  const byOwner = new Map<Owner, Rewrite[]>();
  for (const [{ owner }, rewrite] of found) {
    if (!rewrite) continue;
    const list = byOwner.get(owner);
    if (list) list.push(rewrite);
    else byOwner.set(owner, [rewrite]);
  }
  for (const [owner, rewrites] of byOwner) owner(rewrites);
}

const hear = (records: readonly MutationRecord[]): void =>
  tellOwners(
    records.flatMap(({ target, attributeName: name }) =>
      isElement(target) && name
        ? (pagesOn.get(target) ?? []).map((page) => [page, rewriteOf(target, page, name)] as const)
        : [],
    ),
  );

// One observer for all writers. An element is observed once the task is over in which it was first written, so that what is
// written then makes no records; what others have written meanwhile is looked for.
let observer: MutationObserver | undefined;
let writers = 0;
let fresh: Element[] = [];

const observeFresh = (): void => {
  const elements = fresh;
  fresh = [];
  if (!writers) return;
  observer ??= new MutationObserver(hear);
  const found: (readonly [Page, Rewrite | undefined])[] = [];
  for (const element of elements) {
    for (const page of pagesOn.get(element) ?? [])
      for (const name of page.marks.keys()) found.push([page, rewriteOf(element, page, name)]);
    observer.observe(element, { attributes: true });
  }
  tellOwners(found);
};

const observe = (element: Element): void => {
  if (!fresh.length) queueMicrotask(observeFresh);
  fresh.push(element);
};

/** Makes a writer that has written nothing yet. `rewritten` hears of what others write over what it wrote. */
export function attributeWriter(rewritten: Owner): AttributeWriter {
  const pages = new Map<Element, Page>();
  let sheets = 0;
  let isJoined = false;

  const open = (element: Element): Page => {
    if (!isJoined) writers++;
    isJoined = true;
    const page: Page = { owner: rewritten, marks: new Map(), wanted: [] };
    pages.set(element, page);
    const others = pagesOn.get(element);
    pagesOn.set(element, others ? [...others, page] : [page]);
    observe(element);
    return page;
  };
  const close = (element: Element, page: Page): void => {
    putBack(element, page);
    pages.delete(element);
    const others = pagesOn.get(element)?.filter((other) => other !== page) ?? [];
    if (others.length) pagesOn.set(element, others);
    else pagesOn.delete(element);
  };
  const want = (sheet: number, element: Element, attributes: Attributes | undefined): void => {
    const known = pages.get(element);
    // The very same object again: the page need not be read.
    if (known?.wanted[sheet] === attributes) return;
    const page = known ?? open(element);
    page.wanted[sheet] = attributes;
    if (page.wanted.some(Boolean)) write(element, page);
    else close(element, page);
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
    again(elements) {
      for (const element of elements) {
        const page = pages.get(element);
        if (page) write(element, page);
      }
    },
    restore() {
      for (const [element, page] of pages) close(element, page);
      if (isJoined) writers--;
      isJoined = false;
      if (writers) return;
      observer?.disconnect();
      observer = undefined;
    },
  };
}
