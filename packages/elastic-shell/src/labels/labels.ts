// Labels: the heading and the text that name and describe a layer, with ids given where there are none.
//
// An id is given once and kept for the element; it is written by the attribute writer, and goes with it.
import type { Attributes } from '../core/contract/contract.js';

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

let idsGiven = 0;

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
      if (!element.id && !ids.has(element)) ids.set(element, `shell-${++idsGiven}`);
      return ids.get(element) ?? element.id;
    },
    attributes(element) {
      if (!element.id) this.of(element);
      const id = ids.get(element);
      return id ? { id } : {};
    },
  };
}

/** Tells whether the author has named an element, whatever is written on it later. */
export function namedByAuthor(): (element: Element) => boolean {
  const known = new WeakMap<Element, boolean>();
  return (element) => {
    const isNamed = known.get(element) ?? element.matches('[aria-label],[aria-labelledby]');
    known.set(element, isNamed);
    return isNamed;
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
      const idOf = (element: Element | null): string | undefined => {
        if (!element) return undefined;
        named.add(element);
        return ids.of(element);
      };
      const title = root.querySelector('h1,h2,h3,h4,h5,h6');
      const wanted: [Element, Attributes][] = [
        [root, { ...rule(idOf(title), idOf(root.querySelector('p:not([role])'))), ...more }],
      ];
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
