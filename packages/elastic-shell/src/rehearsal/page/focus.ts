// Where Tab moves, and the position of the focused element in its group.
import { focused, isShown } from '../../heard/dom.js';
import { activeOf } from '../../heard/heard.js';
import { heardPosition } from '../../heard/position.js';

const stops =
  'a[href],area[href],button,input:not([type=hidden]),select,textarea,summary,iframe,audio[controls],video[controls],[tabindex],[contenteditable]:not([contenteditable=false])';

/**
 * Returns the tab stops in document order. It is an approximation, which is only used to focus near an
 * element.
 */
export function stopsIn(root: ParentNode): HTMLElement[] {
  return [...root.querySelectorAll<HTMLElement>(stops)].filter(
    (element) =>
      element.tabIndex >= 0 &&
      !element.matches(':disabled') &&
      !element.closest('[inert]') &&
      isShown(element),
  );
}

/** Counts them. */
export const stopCount = (root: Element | undefined): number => (root ? stopsIn(root).length : 0);

/**
 * Makes an item of a bar its tab stop by focusing it, because a bar remembers which item had focus last.
 * Returns why Tab does not move to the item if the bar has another tab stop all the same. Undefined outside a
 * bar.
 */
export function takeStop(element: HTMLElement): string | undefined {
  if (element.tabIndex >= 0 || !element.parentElement?.closest('[role=toolbar],[role=menubar]'))
    return undefined;
  element.focus();
  element.blur();
  return element.tabIndex < 0 ? 'it is in a bar, whose tab stop is another item' : undefined;
}

/**
 * Focuses an element of ours before another one, so that Tab moves to that. The previous tab stop is left
 * alone, because it might open something on focus.
 */
export function beforeStop(element: Element): boolean {
  const all = stopsIn(document);
  if (!all.some((each) => each === element || element.contains(each))) return false;
  const start = document.createElement('span');
  start.tabIndex = 0;
  // A closed <details> shows only its summary.
  const place = element.localName === 'summary' ? (element.parentElement ?? element) : element;
  place.before(start);
  // It is removed when focus moves on. A list that loses the focused element would return focus to an item.
  start.addEventListener('blur', () => start.remove(), { once: true });
  start.focus();
  return true;
}

/**
 * Returns the position of the focused element, or of the one that a field refers to as active, in its group:
 * `2 of 5`.
 */
export function positionOf(): string {
  const at = focused();
  const item = at && (activeOf(at) ?? at);
  return item ? heardPosition(item) : '';
}
