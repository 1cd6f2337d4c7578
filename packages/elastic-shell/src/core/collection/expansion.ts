// Expansion: which keys are open, as a set. Nothing changed: the same set.
import { sameKeys } from './selection.js';
import { touch } from './touched.js';

/** What rules out that several are open, or none. */
export interface ExpansionRules {
  /**
   * Specifies whether opening a section closes the others.
   *
   * @defaultValue false
   * @example { exclusive: true }
   */
  exclusive?: boolean;
  /**
   * Specifies whether the last open section is kept open.
   *
   * @defaultValue false
   * @example { keepOne: true }
   */
  keepOne?: boolean;
}

/** True when closing `key` is ruled out. */
export const isHeldOpen = (
  expanded: ReadonlySet<string>,
  key: string,
  { keepOne }: ExpansionRules,
): boolean => !!keepOne && expanded.size === 1 && expanded.has(key);

/** `expanded` with `key` opened or closed. */
export function expand(
  expanded: ReadonlySet<string>,
  key: string,
  open: boolean,
  rules: ExpansionRules = {},
): ReadonlySet<string> {
  if (open === expanded.has(key) || (!open && isHeldOpen(expanded, key, rules))) return expanded;
  const closing = open && rules.exclusive ? [...expanded] : [];
  const next = new Set(closing.length ? [] : expanded);
  if (open) next.add(key);
  else next.delete(key);
  return touch(next, expanded, [key, ...closing]);
}

/** `expanded` brought under `rules`: of several open ones the first of `order` stays, of none the first of `order` opens. */
export function heed(
  expanded: ReadonlySet<string>,
  order: readonly string[],
  { exclusive, keepOne }: ExpansionRules,
): ReadonlySet<string> {
  let next = order.filter((key) => expanded.has(key));
  if (exclusive) next = next.slice(0, 1);
  if (keepOne && !next.length) next = order.slice(0, 1);
  const set = new Set(next);
  return sameKeys(set, expanded) ? expanded : set;
}
