// Orders elements with as few moves as possible, and never moves the one with focus, which would lose focus.
// A screen reader would lose its place if the rows around the one it reads were removed and inserted again.
import { activeIn } from '../../focus/focusable.js';
import type { Group } from './lines.js';

/** Returns the positions of a longest rising sequence in `numbers`. Numbers below zero don't count. */
function longestRising(numbers: readonly number[]): number[] {
  /**
   * For each length: where the sequence of that length with the lowest end ends. For each position: the
   * previous one in its sequence.
   */
  const ends: number[] = [];
  const before: (number | undefined)[] = [];
  numbers.forEach((number, at) => {
    if (number < 0) return;
    let [low, high] = [0, ends.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (numbers[ends[middle]!]! < number) low = middle + 1;
      else high = middle;
    }
    before[at] = ends[low - 1];
    ends[low] = at;
  });
  const run: number[] = [];
  for (let at = ends.at(-1); at !== undefined; at = before[at]) run.push(at);
  return run;
}

/** Makes `children` the only children of `parent`, in their order. */
export function arrange(parent: Element, children: readonly Element[]): void {
  const before = [...parent.children];
  if (before.length === children.length && before.every((child, at) => child === children[at])) return;
  const wanted = new Set(children);
  for (const child of before) if (!wanted.has(child)) child.remove();
  const now = new Map([...parent.children].map((child, at) => [child, at]));
  const active = activeIn(parent);
  const focused = active ? children.findIndex((child) => child.contains(active)) : -1;
  const fixed = now.get(children[focused]!) ?? -1;
  // Elements on the wrong side of the one with focus can't stay in place.
  const places = children.map((child, at) => {
    const place = now.get(child) ?? -1;
    return fixed < 0 || Math.sign(at - focused) === Math.sign(place - fixed) ? place : -1;
  });
  const kept = new Set(longestRising(places));
  for (let at = children.length - 1; at >= 0; at--)
    if (!kept.has(at)) parent.insertBefore(children[at]!, children[at + 1] ?? null);
}

/** A row and its group. Without a row, only the heading of the group. */
export type Nested = readonly [row: Element | undefined, group: Group | undefined];

/** Makes `rows` the only children of `parent`, in their order, each in its group. */
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
