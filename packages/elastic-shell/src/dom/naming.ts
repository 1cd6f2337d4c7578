// Naming: the heading and the text that name and describe a layer, with ids given where there are none.
import type { Attributes } from '../core/contract/contract.js';
import type { Engine } from './engine.js';

/** Attributes of the root, given the ids of its first heading and first paragraph. */
export type NamingRule = (title?: string, description?: string) => Attributes;

export interface Namer {
  /** What is wanted on the root (with `more`), on what names it, and on a heading that takes focus. */
  parts(more: Attributes): [Element, Attributes][];
  /** Has a heading take focus by script, until `forget`. */
  makeFocusable(heading: Element): void;
  forget(): void;
}

let idsGiven = 0;

export function namer({ root, render }: Pick<Engine, 'root' | 'render'>, rule: NamingRule): Namer {
  const ids = new Map<Element, string>();
  let focusable: Element | undefined;
  const idOf = (element: Element | null): string | undefined => {
    if (!element) return;
    if (!element.id && !ids.has(element)) ids.set(element, `shell-${++idsGiven}`);
    return ids.get(element) ?? element.id;
  };
  return {
    parts(more) {
      const title = root.querySelector('h1,h2,h3,h4,h5,h6');
      const wanted: [Element, Attributes][] = [
        [root, { ...rule(idOf(title), idOf(root.querySelector('p:not([role])'))), ...more }],
      ];
      for (const element of new Set([...ids.keys(), ...(focusable ? [focusable] : [])])) {
        const id = ids.get(element);
        wanted.push([
          element,
          { ...(id ? { id } : {}), ...(element === focusable ? { tabindex: '-1' } : {}) },
        ]);
      }
      return wanted;
    },
    makeFocusable(heading) {
      focusable = heading;
      render();
    },
    forget() {
      focusable = undefined;
    },
  };
}
