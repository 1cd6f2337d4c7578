// What accordions and trees share: opening and closing by intent, of one item or of all, and the commands for it.
import { expand, type ExpansionRules } from '../collection/expansion.js';

/** Opens or closes the item an intent is about; without one, all of them. */
export type ExpandIntent = 'expand' | 'collapse' | 'toggle';

/** The commands of controls; the value of the control is the key of the item. */
export const expandCommands = {
  '--expand': 'expand',
  '--collapse': 'collapse',
  '--toggle': 'toggle',
} as const;

/**
 * `expanded` after `intent` on `key`; without a key, on each of `keys` (`toggle` needs one). The same set when nothing
 * changes.
 */
export function stepExpansion(
  expanded: ReadonlySet<string>,
  intent: ExpandIntent,
  key: string | undefined,
  keys: readonly string[],
  rules: ExpansionRules = {},
): ReadonlySet<string> {
  if (key !== undefined)
    return expand(expanded, key, intent === 'toggle' ? !expanded.has(key) : intent === 'expand', rules);
  if (intent === 'toggle') return expanded;
  let next = expanded;
  // Of an exclusive set the first stays open, of one that keeps one open the last.
  for (const each of rules.exclusive && intent === 'expand' ? keys.slice(0, 1) : keys)
    next = expand(next, each, intent === 'expand', rules);
  return next;
}
