// The lines of a list from data: its items, with a heading before the first item of each group.
import type { Item } from '../../core/collection/items.js';

/** A line: an item, or the heading of a group. */
export type Line<I> = I | { heading: string };

/** Returns true if a line is an item. */
export const isItem = <I extends Item>(line: Line<I> | undefined): line is I => !!line && 'key' in line;

/** Returns the lines of `items`: the same list if there are no groups. */
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

/** The elements of groups by name, created on first use. */
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
