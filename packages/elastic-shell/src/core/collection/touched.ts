// Which keys differ between two sets. A step that makes a set of another notes what it turned over, so that a
// change of one among thousands is found without comparing them.

type Keys = ReadonlySet<string>;

/** The set is held weakly: a history of sets would otherwise stay as long as its last one. */
const turned = new WeakMap<Keys, { from: WeakRef<Keys>; keys: readonly string[] }>();

/** Notes that `next` is `from` with `keys` turned over; answers `next`. */
export function touch<S extends Keys>(next: S, from: Keys, keys: readonly string[]): S {
  turned.set(next, { from: new WeakRef(from), keys });
  return next;
}

/** The keys that are in one of the two sets only. */
export function touchedKeys(before: Keys, after: Keys): readonly string[] {
  if (before === after) return [];
  const note = turned.get(after);
  if (note?.from.deref() === before) return note.keys;
  return [...[...before].filter((key) => !after.has(key)), ...[...after].filter((key) => !before.has(key))];
}

/** The keys that are there, of several that may not be. */
export const given = (...keys: readonly (string | undefined)[]): string[] =>
  keys.filter((key) => key !== undefined);
