// Changes that wait for a guard: their items may be removed meanwhile.
import { indexOf } from '../core/collection/items.js';
import type { Change } from '../engine/types.js';
import type { Items } from './items.js';

/** Returns the keys in the value of a state: one key, or a set of keys. */
const keysIn = (value: unknown): Set<string> =>
  value instanceof Set ? value : new Set(typeof value === 'string' ? [value] : []);

/** Returns a function that tells later whether all items that `change` adds to a state still exist. */
export function stillThere({ items }: Pick<Items, 'items'>, { value, previous }: Change): () => boolean {
  const has = (key: string): boolean => indexOf(items(), key) >= 0;
  const before = keysIn(previous);
  const added = [...keysIn(value)].filter((key) => !before.has(key) && has(key));
  return () => added.every(has);
}
