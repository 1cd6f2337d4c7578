// Foreign layers: native dialogs and popovers that the page or another script has opened above our layers.
// The layer that opened last is the innermost one, whoever opened it. Keys and clicks belong to it until it
// closes. Popovers are tracked by their toggle events. Dialogs are looked up when needed; a dialog that was
// open before our topmost layer opened is below it.
import { isElement } from '../engine/dom.js';
import { type EventMap } from '../events/listen.js';
import { layerOf, layersOf } from './open-layers.js';

/** Foreign popovers that opened while a layer of ours was open, by document. */
const popovers = new WeakMap<Document, Set<Element>>();

const isModal = (element: Element): boolean => {
  try {
    return element.matches(':modal');
  } catch {
    // jsdom doesn't support `:modal`.
    return false;
  }
};

/** Returns the foreign modal dialogs that are open. */
export const othersModal = (document: Document): Element[] =>
  [...document.getElementsByTagName('dialog')].filter((dialog) => !layerOf(dialog) && isModal(dialog));

/** Keeps track of foreign popovers that close on Escape (`auto` and `hint`). */
export function noteToggle(document: Document, { target, newState }: EventMap['beforetoggle']): void {
  if (!isElement(target)) return;
  const known = popovers.get(document) ?? new Set();
  popovers.set(document, known);
  if (newState === 'open' && !layerOf(target) && ['auto', 'hint'].includes(target.popover ?? ''))
    known.add(target);
  else known.delete(target);
}

/** Forgets the popovers of a document in which no layer of ours is open. */
export const forgetOthers = (document: Document): void => void popovers.delete(document);

/** Returns the foreign layers above our topmost layer. */
export function othersAbove(document: Document): Element[] {
  const below = layersOf(document).at(-1)?.below ?? [];
  const shown = [...(popovers.get(document) ?? [])].filter((each) => each.matches(':popover-open'));
  return [...shown, ...othersModal(document).filter((dialog) => !below.includes(dialog))];
}
