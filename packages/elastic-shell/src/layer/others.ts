// Layers of others: native dialogs and popovers that the page, or a script of somebody else's, has shown above ours. The last
// one opened is innermost, whoever opened it: keys and presses are its business until it has closed.
//
// Popovers tell when they open. A dialog is looked for when it counts: one that was shown before our topmost layer opened
// stands below it.
import { type EventMap } from '../events/listen.js';
import { layerOf, layersOf } from './open-layers.js';

/** By document: popovers of others that have opened since a layer of ours did. */
const popovers = new WeakMap<Document, Set<Element>>();

const isModal = (element: Element): boolean => {
  try {
    return element.matches(':modal');
  } catch {
    // Where the platform has no dialogs there is none to look for.
    return false;
  }
};

/** The modal dialogs that somebody else shows now. */
export const othersModal = (document: Document): Element[] =>
  [...document.getElementsByTagName('dialog')].filter((dialog) => !layerOf(dialog) && isModal(dialog));

/** A popover opens or closes: one that closes by itself on Escape is noted while it is open. */
export function noteToggle(document: Document, { target, newState }: EventMap['beforetoggle']): void {
  // Where it bubbles from, it is an element.
  const popover = target as HTMLElement;
  const known = popovers.get(document) ?? new Set();
  popovers.set(document, known);
  if (newState === 'open' && !layerOf(popover) && ['auto', 'hint'].includes(popover.popover ?? ''))
    known.add(popover);
  else known.delete(popover);
}

/** No layer of ours is open there any more: what opens from now on is below the next. */
export const forgetOthers = (document: Document): void => void popovers.delete(document);

/** What others show above our topmost layer. */
export function othersAbove(document: Document): Element[] {
  const below = layersOf(document).at(-1)?.below ?? [];
  const shown = [...(popovers.get(document) ?? [])].filter((each) => each.matches(':popover-open'));
  return [...shown, ...othersModal(document).filter((dialog) => !below.includes(dialog))];
}
