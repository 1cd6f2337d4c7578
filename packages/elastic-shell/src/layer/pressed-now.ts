// What is being pressed while something opens: the control whose own click handler has asked for it.
import { apart } from '../engine/apart.js';
import { closestTo, windowOf } from '../engine/dom.js';

/** The control of the click that a document is handling now; undefined outside one. */
export const pressedNow = (document: Document): HTMLElement | undefined => {
  // Deprecated for pages, and the only way to learn of it without a listener on everything.
  const { event }: { event?: Event | undefined } = windowOf(document);
  return event?.type === 'click' && !apart.has(event.target)
    ? closestTo(event, 'button,a[href],summary,input,[role=button],[tabindex]')
    : undefined;
};
