// The position of an item in its group: `2 of 5`.
import { isShown } from './dom.js';
import { heardRole } from './role.js';

const lists = /^(menu|menubar|listbox|tree|tablist|radiogroup)$/;
const items = /^(menuitem|menuitemcheckbox|menuitemradio|option|treeitem|tab|radio)$/;

/** Returns the position of an item, or an empty text if it has none. */
export function heardPosition(item: Element): string {
  if (!items.test(heardRole(item))) return '';
  const [place, size] = [item.getAttribute('aria-posinset'), item.getAttribute('aria-setsize')];
  if (place && size) return `${place} of ${size}`;
  const around =
    heardRole(item) === 'treeitem' ? item.parentElement?.closest('[role=group],[role=tree]') : null;
  let list: Element | null = around ?? item.parentElement;
  while (list && !around && !lists.test(heardRole(list))) list = list.parentElement;
  if (!list) return '';
  const own = [...list.querySelectorAll('[role],option,input[type=radio]')].filter(
    (each) =>
      items.test(heardRole(each)) &&
      isShown(each) &&
      (!around || each.parentElement?.closest('[role=group],[role=tree]') === around),
  );
  const index = own.indexOf(item);
  return index < 0 ? '' : `${index + 1} of ${own.length}`;
}
