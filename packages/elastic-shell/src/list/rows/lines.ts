// The lines of a list from data: its items, and before the first of each group the heading of that.
import type { Item } from '../../core/collection/items.js';

/** What stands in one line: an item, or the heading of a group. */
export type Line<I> = I | { heading: string };

/** True for a line that is an item. */
export const isItem = <I extends Item>(line: Line<I> | undefined): line is I => !!line && 'key' in line;

/** The lines of `items`: the same list where none is in a group. */
export const linesOf = <I extends Item>(items: readonly I[]): readonly Line<I>[] => {
  if (!items.some(({ group }) => group)) return items;
  return items.flatMap((item, at) =>
    item.group && item.group !== items[at - 1]?.group ? [{ heading: item.group }, item] : [item],
  );
};

/** A group of rows on the page. */
export interface Group {
  element: HTMLElement;
  heading: HTMLElement;
}

let headings = 0;

/** The elements of groups by their names, made when they are first wanted. */
export function groupsIn(make: (mark: string, role: string) => HTMLElement): (name: string) => Group {
  const groups = new Map<string, Group>();
  return (name) => {
    let group = groups.get(name);
    if (!group) {
      group = { element: make('data-group', 'group'), heading: make('data-heading', 'presentation') };
      group.heading.id = `shell-heading-${++headings}`;
      group.heading.textContent = name;
      group.element.setAttribute('aria-labelledby', group.heading.id);
      groups.set(name, group);
    }
    return group;
  };
}
