// Movement: from one item of a collection to another, by intent. Pure; knows no keys and no directions of text.
import { indexOf, type Item } from './items.js';

/** `next` and `previous` go along the items, `up` and `down` by a row of a grid, the last two by what is in view. */
export type Move = 'next' | 'previous' | 'first' | 'last' | 'up' | 'down' | 'page-next' | 'page-previous';

/** How moves go. */
export interface MoveRules {
  /**
   * From the last goes on to the first, and back.
   *
   * @defaultValue true
   */
  wrap?: boolean;
  /**
   * Disabled items can be reached.
   *
   * @defaultValue false
   */
  reachDisabled?: boolean;
  /**
   * Keys pass over disabled items, also over those that may have the tab stop after a press.
   *
   * @defaultValue false
   */
  passDisabled?: boolean;
  /**
   * Items a row, for `up` and `down`.
   *
   * @defaultValue 1
   */
  columns?: number;
  /**
   * Items in view, for the moves by a page.
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

/** True for an intent that is a move. */
export const isMove = (intent: string): intent is Move => moves.has(intent);

/** True for a move by what is in view. */
export const isByPage = (to: Move): boolean => to === 'page-next' || to === 'page-previous';

/**
 * The key that `intent` leads to from `from`; `from` itself when nothing else can be reached or
 * `intent` is no movement. From nowhere, forward begins at the first and back at the last.
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
    // Where the page ends on what cannot be reached, the last before it that can.
    for (let at = far; at !== start; at += at > start ? -1 : 1) {
      const item = items[at];
      if (item && reach(item)) return item.key;
    }
    return from;
  }
  const step = { next: 1, previous: -1, down: columns, up: -columns }[intent];
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
