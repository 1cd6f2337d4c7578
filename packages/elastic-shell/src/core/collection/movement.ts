// Movement: from one item of a collection to another, by intent. Pure; knows no keys and no directions of text.
import { indexOf, type Item } from './items.js';

/** `next` and `previous` go along the items; `up` and `down` go by a row of a grid. */
export type Move = 'next' | 'previous' | 'first' | 'last' | 'up' | 'down';

export interface MoveRules {
  /** From the last goes on to the first, and back. Default: true. */
  wrap?: boolean;
  /** Disabled items can be reached. Default: false. */
  reachDisabled?: boolean;
  /** Items a row, for `up` and `down`. Default: 1. */
  columns?: number;
}

const isMove = (intent: string): intent is Move => /^(next|previous|first|last|up|down)$/.test(intent);

/**
 * The key that `intent` leads to from `from`; `from` itself when nothing else can be reached or
 * `intent` is no movement. From nowhere, forward begins at the first and back at the last.
 */
export function move(
  items: readonly Item[],
  from: string | undefined,
  intent: string,
  { wrap = true, reachDisabled = false, columns = 1 }: MoveRules = {},
): string | undefined {
  if (!isMove(intent)) return from;
  const reach = ({ disabled }: Item): boolean => reachDisabled || !disabled;
  if (intent === 'first') return items.find(reach)?.key ?? from;
  if (intent === 'last') return items.findLast(reach)?.key ?? from;
  const step = { next: 1, previous: -1, down: columns, up: -columns }[intent];
  const { length } = items;
  const start = indexOf(items, from);
  let at = start < 0 ? (step > 0 ? -1 : length) : start;
  // Within a grid a step that leaves the rows stays where it is: only the line of items wraps.
  const turns = wrap && Math.abs(step) === 1;
  for (let tried = 0; tried < length; tried++) {
    at += step;
    if (turns) at = (at + length) % length;
    const item = items[at];
    if (!item) return from;
    if (reach(item)) return item.key;
  }
  return from;
}
