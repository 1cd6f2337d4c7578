// Roving focus: a group of elements with one tab stop, moved through by keys.
import { isMove, type Move, move, type MoveRules } from '../core/collection/movement.js';
import { focusOn } from '../focus/focusable.js';

/** Returns the element to which a move leads from `from`. Undefined if it leads nowhere. */
export function elementAfter<E extends Element>(
  elements: readonly E[],
  from: Element,
  way: Move,
  rules: MoveRules = {},
): E | undefined {
  const items = elements.map((_, at) => ({ key: `${at}` }));
  const to = move(items, `${elements.findIndex((element) => element === from)}`, way, rules);
  return elements[Number(to)];
}

/** Moves focus to where a move leads. Returns the element that has focus then, if it is another one. */
export function rove<E extends Element>(
  elements: readonly E[],
  from: Element,
  way: string | undefined,
  rules: MoveRules = {},
): E | undefined {
  const next = way !== undefined && isMove(way) ? elementAfter(elements, from, way, rules) : undefined;
  if (!next || next === from) return undefined;
  focusOn(next);
  return next;
}
