// The shared parts of accordions and trees: expanding and collapsing one item or all, and the commands for
// it.
import { expand, type ExpansionRules } from '../collection/expansion.js';

/** Expands or collapses the item of an intent, or all items if it has none. */
export type ExpandIntent = 'expand' | 'collapse' | 'toggle';

/** The commands of controls. The value of the control is the key of the item. */
export const expandCommands = {
  '--expand': 'expand',
  '--collapse': 'collapse',
  '--toggle': 'toggle',
} as const;

/**
 * Applies an intent to a set of expanded keys.
 *
 * @param expanded - The expanded keys.
 * @param intent - The intent.
 * @param key - The key of the item. Without it, the intent applies to each of `keys` (`toggle` needs a key).
 * @param keys - All keys.
 * @param rules - Which combinations are allowed.
 * @returns The new set, or the same set if nothing changes.
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
  // Of an exclusive set the first stays open. If one must stay open, the last does.
  for (const each of rules.exclusive && intent === 'expand' ? keys.slice(0, 1) : keys)
    next = expand(next, each, intent === 'expand', rules);
  return next;
}
