// Where Tab goes, and the place of what has focus among its like.
import { focused, isShown } from '../../heard/dom.js';
import { activeOf } from '../../heard/heard.js';
import { heardPosition } from '../../heard/position.js';

const stops =
  'a[href],area[href],button,input:not([type=hidden]),select,textarea,summary,iframe,audio[controls],video[controls],[tabindex],[contenteditable]:not([contenteditable=false])';

/** The elements that Tab goes to, in document order; an approximation, by which focus is only put near what is tried. */
export function stopsIn(root: ParentNode): HTMLElement[] {
  return [...root.querySelectorAll<HTMLElement>(stops)].filter(
    (element) =>
      element.tabIndex >= 0 &&
      !element.matches(':disabled') &&
      !element.closest('[inert]') &&
      isShown(element),
  );
}

/** How many of them there are. */
export const stopCount = (root: Element | undefined): number => (root ? stopsIn(root).length : 0);

/**
 * Makes an item of a bar its tab stop, by focus: a bar remembers which item had it last. Returns why Tab does not go to the item if the
 * bar has another one all the same; undefined for what is in no bar.
 */
export function takeStop(element: HTMLElement): string | undefined {
  if (element.tabIndex >= 0 || !element.parentElement?.closest('[role=toolbar],[role=menubar]'))
    return undefined;
  element.focus();
  element.blur();
  return element.tabIndex < 0 ? 'it is in a bar, whose tab stop is another item' : undefined;
}

/**
 * Puts focus on something of ours before an element, so that one press of Tab goes to it. The stop before it is left alone, as it might
 * open something when it has focus.
 */
export function beforeStop(element: Element): boolean {
  const all = stopsIn(document);
  if (!all.some((each) => each === element || element.contains(each))) return false;
  const start = document.createElement('span');
  start.tabIndex = 0;
  // In a closed <details> nothing shows but its summary.
  const place = element.localName === 'summary' ? (element.parentElement ?? element) : element;
  place.before(start);
  // It goes when focus goes on: a list that loses what has focus in it would give focus back to an item.
  start.addEventListener('blur', () => start.remove(), { once: true });
  start.focus();
  return true;
}

/** The place of what has focus, or of what a field says is active, among its like: `2 of 5`. */
export function positionOf(): string {
  const at = focused();
  const item = at && (activeOf(at) ?? at);
  return item ? heardPosition(item) : '';
}
