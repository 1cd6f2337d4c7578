// Where Tab goes, and the place of what has focus among its like.
import { focused, isShown, roleOf } from './dom.js';

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
 * Puts focus before an element, so that one press of Tab goes to it: focus goes on from where something stood that has gone. The stop
 * before it is left alone, as it might open something when it has focus.
 */
export function beforeStop(element: Element): boolean {
  const all = stopsIn(document);
  if (!all.some((each) => each === element || element.contains(each))) return false;
  const start = document.createElement('span');
  start.tabIndex = 0;
  // In a closed <details> nothing shows but its summary.
  const place = element.localName === 'summary' ? (element.parentElement ?? element) : element;
  place.before(start);
  start.focus();
  start.remove();
  return true;
}

const listRoles = /^(menu|menubar|listbox|tree|tablist|radiogroup)$/;
const itemRoles = /^(menuitem|menuitemcheckbox|menuitemradio|option|treeitem|tab|radio)$/;

/** The place of what has focus, or of what a field says is active, among its like: `2 of 5`. */
export function positionOf(): string {
  const at = focused();
  const active = at?.getAttribute('aria-activedescendant');
  const item = active ? document.getElementById(active) : at;
  if (!item || !itemRoles.test(roleOf(item))) return '';
  const [place, size] = [item.getAttribute('aria-posinset'), item.getAttribute('aria-setsize')];
  if (place && size) return `${place} of ${size}`;
  const around = roleOf(item) === 'treeitem' ? item.closest('[role=group],[role=tree]') : null;
  let list: Element | null = around ?? item.parentElement;
  while (list && !around && !listRoles.test(roleOf(list))) list = list.parentElement;
  if (!list) return '';
  const own = [...list.querySelectorAll('[role]')].filter(
    (each) =>
      itemRoles.test(roleOf(each)) &&
      isShown(each) &&
      (!around || each.closest('[role=group],[role=tree]') === around),
  );
  const index = own.indexOf(item);
  return index < 0 ? '' : `${index + 1} of ${own.length}`;
}
