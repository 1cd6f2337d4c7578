// Labels: the heading and the text that name and describe a layer, with ids given where there are none.
//
// An id is given once and kept for the element; it is written by the attribute writer, and goes with it.
import type { Attributes } from '../core/contract/contract.js';
import { isWritten } from '../engine/attribute-watch.js';
import { elementNamed, topOf } from '../engine/dom.js';
import { elementsIn } from '../engine/flat.js';
import { pageWide } from '../core/page-record.js';

/** The selector of headings. The first one names a layer, and gets focus if the layer has no control for it. */
export const headings = 'h1,h2,h3,h4,h5,h6';

/** Whose labels they are. */
export interface LabelHost {
  readonly root: HTMLElement;
  /** Writes at once what is wanted. */
  flush(): void;
}

/** Attributes of the root, given the ids of its first heading and first paragraph. */
export type LabelRule = (title?: string, description?: string) => Attributes;

/** What names and describes a layer. */
export interface Labels {
  /** What is wanted on the root (with `more`), on what names it, and on a heading that takes focus. */
  parts(more: Attributes): [Element, Attributes][];
  /** Has a heading take focus by script, until `forget`. */
  makeFocusable(heading: Element): void;
  forget(): void;
}

/** The number of ids generated on this page, and the element of each. */
const given = pageWide('ids', () => ({ count: 0, of: new WeakMap<Element, string>() }));

const isGiven = (id: string): boolean => /^shell-\d+$/.test(id);

/** Returns whether an element has the generated id of the element that it was cloned from. */
const isCopied = (element: Element): boolean =>
  isGiven(element.id) &&
  given.of.get(element) !== element.id &&
  // Markup that was saved while it was wired has generated ids too, and keeps them.
  topOf(element).querySelectorAll(`#${element.id}`).length > 1;

const give = (element: Element): string => {
  let id: string;
  // Markup that was saved while it was wired may have the next ones.
  do id = `shell-${++given.count}`;
  while (elementNamed(element, id));
  given.of.set(element, id);
  return id;
};

/** Ids for elements that have none of their own. */
export interface IdMaker {
  of(element: Element): string;
  /** The id to be written, where one was given. */
  attributes(element: Element): Attributes;
}

/** Gives ids, each of its own, to elements that have none. */
export function idMaker(): IdMaker {
  const ids = new WeakMap<Element, string>();
  return {
    of(element) {
      if (!ids.has(element) && (!element.id || isCopied(element))) ids.set(element, give(element));
      return ids.get(element) ?? element.id;
    },
    attributes(element) {
      this.of(element);
      const id = ids.get(element);
      return id ? { id } : {};
    },
  };
}

/** Reads attributes as the author wrote them. A clone of wired markup still refers to generated ids of the original. */
export function asAuthored(element: Element): Pick<Element, 'getAttribute' | 'hasAttribute'> {
  const getAttribute = (name: string): string | null => {
    const value = element.getAttribute(name);
    return value !== null && isGiven(value) && !isWritten(element, name) ? null : value;
  };
  return { getAttribute, hasAttribute: (name) => getAttribute(name) !== null };
}

/** Returns the first element that matches in what is shown of `root`: mostly in its own markup, else slotted or in a shadow root. */
const firstIn = (root: Element, selector: string): Element | undefined =>
  root.querySelector(selector) ?? elementsIn(root, selector)[0];

/** No id leads from one tree to another: what is named by an element of another tree is given its words. */
const inWords: Readonly<Record<string, string>> = {
  'aria-labelledby': 'aria-label',
  'aria-describedby': 'aria-description',
};

/** Returns attributes with the words of `elements` in place of their ids. */
const withWords = (attributes: Attributes, elements: ReadonlyMap<string, Element>): Attributes =>
  elements.size
    ? Object.fromEntries(
        Object.entries(attributes).map(([name, value]) => {
          const said = elements.get(value ?? '');
          return said
            ? [inWords[name] ?? name, said.textContent?.replace(/\s+/g, ' ').trim() ?? '']
            : [name, value];
        }),
      )
    : attributes;

/** Returns whether the author has given an element a name. */
const isNamed = (element: Element): boolean => {
  const { hasAttribute } = asAuthored(element);
  return hasAttribute('aria-label') || hasAttribute('aria-labelledby');
};

/** Tells whether the author has named an element, whatever is written on it later. */
export function namedByAuthor(): (element: Element) => boolean {
  const known = new WeakMap<Element, boolean>();
  return (element) => {
    const answer = known.get(element) ?? isNamed(element);
    known.set(element, answer);
    return answer;
  };
}

/** The labels of what `host` shows, as `rule` says. */
export function labelsOf({ root, flush }: LabelHost, rule: LabelRule): Labels {
  const ids = idMaker();
  let focusable: Element | undefined;
  return {
    parts(more) {
      // Only what names it now: what was replaced is let go.
      const named = new Set<Element>();
      const elsewhere = new Map<string, Element>();
      const idOf = (selector: string): string | undefined => {
        const element = firstIn(root, selector);
        if (!element) return undefined;
        const id = ids.of(element);
        if (topOf(element) === topOf(root)) named.add(element);
        else elsewhere.set(id, element);
        return id;
      };
      const own = rule(idOf(headings), idOf('p:not([role])'));
      const wanted: [Element, Attributes][] = [[root, { ...withWords(own, elsewhere), ...more }]];
      // A dialog is no page: its header is no banner. A role of the author's stays.
      for (const bar of root.children)
        if (bar.matches('header,footer') && (!bar.role || isWritten(bar, 'role')))
          wanted.push([bar, { role: 'none' }]);
      for (const element of new Set([...named, ...(focusable ? [focusable] : [])]))
        wanted.push([
          element,
          {
            ...(named.has(element) && ids.attributes(element)),
            ...(element === focusable && { tabindex: '-1' }),
          },
        ]);
      return wanted;
    },
    makeFocusable(heading) {
      focusable = heading;
      flush();
    },
    forget() {
      focusable = undefined;
    },
  };
}
