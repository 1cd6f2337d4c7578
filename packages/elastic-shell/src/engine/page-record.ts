// The page-wide record: what all copies and versions of this library on one page share. A micro-frontend, or a widget that was
// bundled apart, brings a copy of its own; without the record each would close a layer on the same Escape, give the same ids
// and wire the same root.
//
// It stands under a registered symbol. Entries are only ever added: a later version leaves what an earlier one has put there,
// with its meaning.
const key = Symbol.for('elastic-shell.page');

const recordOf = (): Map<string, unknown> => {
  const known: unknown = Reflect.get(globalThis, key);
  if (known instanceof Map) return known;
  const made = new Map<string, unknown>();
  Object.defineProperty(globalThis, key, { value: made });
  return made;
};

/** What all copies share under `name`; the first to ask makes it. */
export function pageWide<T>(name: string, make: () => T): T {
  const record = recordOf();
  if (!record.has(name)) record.set(name, make());
  // Each name has one meaning, in every version.
  return record.get(name) as T;
}
