// Expansion: the expanded keys, as a set. Without a change the same set is returned.
import { sameKeys } from './selection.js';
import { touch } from './touched.js';

/** The rules about how many may be expanded. */
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

/** Returns true if `key` may not be collapsed. */
export const isHeldOpen = (
  expanded: ReadonlySet<string>,
  key: string,
  { keepOne }: ExpansionRules,
): boolean => !!keepOne && expanded.size === 1 && expanded.has(key);

/** Returns the set with `key` expanded or collapsed. */
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

/**
 * Applies the rules to a set: if only one may be expanded, the first in `order` stays, and if one must be,
 * the first in `order` is.
 */
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
