// The result of every reader of templates.
import type { Markup } from 'elastic-shell/rules';
import type { ReadPage } from '../source.js';
import { startTag } from '../start-tag.js';
import { TemplateElement } from './element.js';

/** Returns the page of a template: a fragment, which other templates complete. */
export function pieceOf(text: string, roots: readonly Markup[]): ReadPage {
  return {
    roots,
    kind: { isPart: true, isScripted: false },
    places: {
      of: (element, attribute) => (element instanceof TemplateElement ? element.placeOf(attribute) : 0),
      nameEnd(element) {
        if (!(element instanceof TemplateElement)) return undefined;
        const end = element.start + 1 + element.tag.length;
        return startTag(text, element.tag, element.start)?.nameEnd ?? end;
      },
    },
  };
}
