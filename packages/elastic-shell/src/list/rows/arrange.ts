// Puts elements into an order with few moves, and never moves the one that holds focus: an element that is moved loses it.

import { activeIn } from '../../focus/focusable.js';
import type { Group } from './lines.js';

/** Has `parent` hold `children` and nothing else, in their order. */
export function arrange(parent: Element, children: readonly Element[]): void {
  const wanted = new Set(children);
  const active = activeIn(parent);
  for (const child of [...parent.children]) if (!wanted.has(child)) child.remove();
  let at: Element | null = parent.firstElementChild;
  for (const child of children) {
    if (child !== at && child.contains(active))
      // Those before it are taken out instead, and put back when the loop comes to them.
      while (at && at !== child) {
        const next: Element | null = at.nextElementSibling;
        at.remove();
        at = next;
      }
    if (child === at) at = at.nextElementSibling;
    else parent.insertBefore(child, at);
  }
}

/** A row and the group it is in; without a row the group's heading alone. */
export type Nested = readonly [row: Element | undefined, group: Group | undefined];

/** Has `parent` hold `rows` and nothing else, in their order, each in its group. */
export function nest(parent: Element, rows: readonly Nested[]): void {
  const tops: Element[] = [];
  const inside = new Map<Element, Element[]>();
  for (const [row, group] of rows) {
    const siblings = group ? (inside.get(group.element) ?? [group.heading]) : tops;
    if (group && !inside.has(group.element)) {
      inside.set(group.element, siblings);
      tops.push(group.element);
    }
    if (row) siblings.push(row);
  }
  arrange(parent, tops);
  inside.forEach((children, element) => arrange(element, children));
}
