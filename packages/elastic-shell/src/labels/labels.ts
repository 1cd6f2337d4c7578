// Labels: the heading and the text that name and describe a layer, with generated ids. An id is generated
// once for an element, written by the attribute writer, and removed with it.
import type { Attributes } from '../core/contract/contract.js';
import { isWritten } from '../engine/attribute-watch.js';
import { elementNamed, topOf } from '../engine/dom.js';
import { elementsIn } from '../engine/flat.js';
import { pageWide } from '../core/page-record.js';

/** The selector of headings. The first one names a layer, and gets focus if the layer has no control for it. */
export const headings = 'h1,h2,h3,h4,h5,h6';

/** The layer that they label. */
export interface LabelHost {
  readonly root: HTMLElement;
  /** Writes the attributes at once. */
  flush(): void;
}

/** Returns attributes of the root, given the ids of its first heading and first paragraph. */
export type LabelRule = (title?: string, description?: string) => Attributes;

/** The elements that name and describe a layer. */
export interface Labels {
  /** The wanted attributes of the root (with `more`), of its labels, and of a heading that takes focus. */
  parts(more: Attributes): [Element, Attributes][];
  /** Makes a heading focusable by script, until `forget`. */
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
  // Markup that was saved while it was wired may already use the next ids.
  do id = `shell-${++given.count}`;
  while (elementNamed(element, id));
  given.of.set(element, id);
  return id;
};

/** Generates ids for elements without one. */
export interface IdMaker {
  of(element: Element): string;
  /** Returns the id to write, if one was generated. */
  attributes(element: Element): Attributes;
}

/** Creates a maker of ids. */
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

/**
 * Reads attributes as the author wrote them. A clone of wired markup still references generated ids of the
 * original.
 */
export function asAuthored(element: Element): Pick<Element, 'getAttribute' | 'hasAttribute'> {
  const getAttribute = (name: string): string | null => {
    const value = element.getAttribute(name);
    return value !== null && isGiven(value) && !isWritten(element, name) ? null : value;
  };
  return { getAttribute, hasAttribute: (name) => getAttribute(name) !== null };
}

/**
 * Returns the first matching element in the content of `root`: usually in its own markup, otherwise slotted
 * or in a shadow root.
 */
const firstIn = (root: Element, selector: string): Element | undefined =>
  root.querySelector(selector) ?? elementsIn(root, selector)[0];

/** Ids can't be referenced across trees, so the text of the element is used. */
const inWords: Readonly<Record<string, string>> = {
  'aria-labelledby': 'aria-label',
  'aria-describedby': 'aria-description',
};

/** Returns attributes with the text of `elements` instead of their ids. */
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

/**
 * Returns a function that reports whether the author has named an element, whatever is written on it later.
 */
export function namedByAuthor(): (element: Element) => boolean {
  const known = new WeakMap<Element, boolean>();
  return (element) => {
    const answer = known.get(element) ?? isNamed(element);
    known.set(element, answer);
    return answer;
  };
}

/**
 * Manages the labels of a layer.
 *
 * @param rule - Returns the attributes of the root.
 * @returns The labels.
 */
export function labelsOf({ root, flush }: LabelHost, rule: LabelRule): Labels {
  const ids = idMaker();
  let focusable: Element | undefined;
  return {
    parts(more) {
      // Only the present labels are kept.
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
      // The header of a dialog isn't a banner of the page. A role from the author is kept.
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
