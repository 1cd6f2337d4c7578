// Items that are changed in place, such as reactive objects. The engine compares new items with earlier ones,
// which would change under it. From the first such change on it gets copies, while components that render an
// item get the item itself.

const originals = new WeakMap<object, unknown>();

/** Returns whether `value` is an object literal. */
export const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;

/** Returns the item that a copy was made of; any other value as it is. */
export const originalOf = (value: unknown): unknown =>
  typeof value === 'object' && value !== null ? (originals.get(value) ?? value) : value;

/** Returns a copy of an item and of its children. An object of a class is returned as it is. */
function copyOf(item: unknown): unknown {
  if (!isPlain(item)) return item;
  const { children } = item;
  const copy = { ...item, ...(Array.isArray(children) && { children: copiesOf(children) }) };
  originals.set(copy, item);
  return copy;
}

/** Returns copies of a list of items. Returns anything else as it is. */
export const copiesOf = (items: unknown): unknown => (Array.isArray(items) ? items.map(copyOf) : items);

/**
 * Reads every property of a list of items and of their children, so that a framework that follows reads
 * follows them.
 */
export function readAll(items: unknown): void {
  if (!Array.isArray(items)) return;
  for (const item of items) if (isPlain(item)) for (const value of Object.values(item)) readAll(value);
}
