// The items of a menu in the author's markup: which belong to it, which check, and which exclude each other.
import type { MarkupItems } from '../../list/items.js';

/** The items of `root` itself, without those of menus inside it. */
export const ownItems = (root: HTMLElement): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>('[role^=menuitem]')].filter(
    (item) => item.closest('[role=menu]') === root,
  );

/** True for an item that checks. */
export const isCheck = (item: Element | undefined): boolean =>
  !!item?.matches('[role=menuitemcheckbox],[role=menuitemradio]');

const isRadio = (item: Element | undefined): item is Element => !!item?.matches('[role=menuitemradio]');

const groupOf = (item: Element): Element | null => item.closest('[role=group],[role=menu]');

/** The keys of which only one may be checked together with `key`; undefined where it excludes none. */
export function matesOf(items: MarkupItems, key: string): readonly string[] | undefined {
  const item = items.elementOf(key);
  if (!isRadio(item)) return undefined;
  return items
    .all()
    .flatMap(({ element, key: other }) =>
      isRadio(element) && groupOf(element) === groupOf(item) ? [other] : [],
    );
}
