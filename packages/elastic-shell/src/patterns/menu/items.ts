// Finds the items of a menu in the markup, and which of them are checkable or exclude each other.
import type { MarkupItems } from '../../list/items.js';

/** Finds the items of `root` itself, without those of nested menus. */
export const ownItems = (root: HTMLElement): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>('[role^=menuitem]')].filter(
    (item) => item.closest('[role=menu]') === root,
  );

/** Returns true for a checkbox or radio item. */
export const isCheck = (item: Element | undefined): boolean =>
  !!item?.matches('[role=menuitemcheckbox],[role=menuitemradio]');

const isRadio = (item: Element | undefined): item is Element => !!item?.matches('[role=menuitemradio]');

const groupOf = (item: Element): Element | null => item.closest('[role=group],[role=menu]');

/** Returns the keys of the radio group of `key`, or undefined if it isn't in one. */
export function matesOf(items: MarkupItems, key: string): readonly string[] | undefined {
  const item = items.elementOf(key);
  if (!isRadio(item)) return undefined;
  return items
    .all()
    .flatMap(({ element, key: other }) =>
      isRadio(element) && groupOf(element) === groupOf(item) ? [other] : [],
    );
}
