// Movement from one item of a collection to another, by intent. Pure. It knows no keys and no writing
// directions.
import { indexOf, type Item } from './items.js';

/**
 * `next` and `previous` move along the items, `up` and `down` by a row of a grid, and the last two by a
 * screenful.
 */
export type Move = 'next' | 'previous' | 'first' | 'last' | 'up' | 'down' | 'page-next' | 'page-previous';

/** The rules of movement. */
export interface MoveRules {
  /**
   * Whether the last item is followed by the first.
   *
   * @defaultValue true
   */
  wrap?: boolean;
  /**
   * Whether disabled items are reachable.
   *
   * @defaultValue false
   */
  reachDisabled?: boolean;
  /**
   * Whether keys skip disabled items, even if such an item can have the tab stop after a click.
   *
   * @defaultValue false
   */
  passDisabled?: boolean;
  /**
   * The number of items in a row, for `up` and `down`.
   *
   * @defaultValue 1
   */
  columns?: number;
  /**
   * The number of visible items, for moves by a screenful.
   *
   * @defaultValue 10
   */
  page?: number;
}

const moves: ReadonlySet<string> = new Set<Move>([
  'next',
  'previous',
  'first',
  'last',
  'up',
  'down',
  'page-next',
  'page-previous',
]);

/** Returns true for an intent that is a move. */
export const isMove = (intent: string): intent is Move => moves.has(intent);

/** Returns true for a move by a screenful. */
export const isByPage = (to: Move): boolean => to === 'page-next' || to === 'page-previous';

/**
 * Returns the key that a move leads to.
 *
 * @param items - The items.
 * @param from - The key to move from, or undefined.
 * @param intent - The move.
 * @returns The key, or `from` if no other item is reachable or `intent` isn't a move. From undefined, a move
 * forward leads to the first item, and a move back to the last.
 */
export function move(
  items: readonly Item[],
  from: string | undefined,
  intent: string,
  { wrap = true, reachDisabled = false, passDisabled = false, columns = 1, page = 10 }: MoveRules = {},
): string | undefined {
  if (!isMove(intent)) return from;
  const reach = ({ disabled }: Item): boolean => (reachDisabled && !passDisabled) || !disabled;
  if (intent === 'first') return items.find(reach)?.key ?? from;
  if (intent === 'last') return items.findLast(reach)?.key ?? from;
  const { length } = items;
  const start = indexOf(items, from);
  if (intent === 'page-next' || intent === 'page-previous') {
    const far = intent === 'page-next' ? Math.min(length - 1, start + page) : Math.max(0, start - page);
    // If the last item of the screenful isn't reachable, the last reachable one before it is used.
    for (let at = far; at !== start; at += at > start ? -1 : 1) {
      const item = items[at];
      if (item && reach(item)) return item.key;
    }
    return from;
  }
  const step = { next: 1, previous: -1, down: columns, up: -columns }[intent];
  let at = start < 0 ? (step > 0 ? -1 : length) : start;
  // In a grid, a step beyond the rows stays. Only the sequence of items wraps.
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
