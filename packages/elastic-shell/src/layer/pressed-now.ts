// The control that is being clicked while something opens: its own click handler has opened it.
import { apart } from '../engine/apart.js';
import { closestTo, windowOf } from '../engine/dom.js';

/** Returns the control of the click that a document is handling now. Undefined outside a click. */
export const pressedNow = (document: Document): HTMLElement | undefined => {
  // It is deprecated for pages, but it is the only way to find out without a listener on everything.
  const { event }: { event?: Event | undefined } = windowOf(document);
  return event?.type === 'click' && !apart.has(event.target)
    ? closestTo(event, 'button,a[href],summary,input,[role=button],[tabindex]')
    : undefined;
};
