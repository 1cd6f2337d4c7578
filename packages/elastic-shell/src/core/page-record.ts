// The page-wide record: the data that all copies and versions of this library on one page share. A
// micro-frontend or a separately bundled widget brings its own copy. Without the record, one Escape would
// close a layer of each copy, generated ids would collide, and two copies could wire the same root. It also
// contains data of modules that late-loading parts bring copies of (`scripts/late.mjs`). The record is
// stored under a registered symbol. Later versions can add entries, but never change the meaning of an entry.
const key = Symbol.for('elastic-shell.page');

const recordOf = (): Map<string, unknown> => {
  const known: unknown = Reflect.get(globalThis, key);
  if (known instanceof Map) return known;
  const made = new Map<string, unknown>();
  Object.defineProperty(globalThis, key, { value: made });
  return made;
};

/** Returns the entry `name` of the record. The first copy that asks for it creates it with `make`. */
export function pageWide<T>(name: string, make: () => T): T {
  const record = recordOf();
  if (!record.has(name)) record.set(name, make());
  // An entry has the same type in every version.
  return record.get(name) as T;
}
