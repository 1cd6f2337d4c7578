// The keys that differ between two sets. A step that derives a set from another records the toggled keys, so
// that one change among thousands is found without comparing them.

type Keys = ReadonlySet<string>;

/** The previous set is held weakly: otherwise the last set would keep the whole history alive. */
const turned = new WeakMap<Keys, { from: WeakRef<Keys>; keys: readonly string[] }>();

/**
 * Records that a set was derived from another.
 *
 * @param next - The new set.
 * @param from - The previous set.
 * @param keys - The toggled keys.
 * @returns `next`.
 */
export function touch<S extends Keys>(next: S, from: Keys, keys: readonly string[]): S {
  turned.set(next, { from: new WeakRef(from), keys });
  return next;
}

/**
 * Returns the keys that are in only one of two sets.
 *
 * @param before - One set.
 * @param after - The other set.
 * @returns The keys.
 */
export function touchedKeys(before: Keys, after: Keys): readonly string[] {
  if (before === after) return [];
  const note = turned.get(after);
  if (note?.from.deref() === before) return note.keys;
  return [...[...before].filter((key) => !after.has(key)), ...[...after].filter((key) => !before.has(key))];
}

/** Returns the defined ones of several keys. */
export const given = (...keys: readonly (string | undefined)[]): string[] =>
  keys.filter((key) => key !== undefined);
