// Items of a collection in the core: a key, a label, and the properties that make one unreachable.

/** An item of a list, a menu, tabs or sections, from data or read from markup. */
export interface Item {
  /** The key, which is unique among the items. */
  key: string;
  /**
   * The visible and announced text, which type-ahead searches.
   *
   * @defaultValue the key
   */
  label?: string;
  /**
   * Whether it is disabled.
   *
   * @defaultValue false
   */
  disabled?: boolean;
  /** A description, announced after its label. */
  description?: string;
  /** The name of its group. */
  group?: string;
  /** Whether users can close it. */
  closable?: boolean;
}

/** The position of the last match in each list, where the next search begins. */
const lastFound = new WeakMap<readonly Item[], number>();

/**
 * Returns the index of an item. The cost is the distance from the last item that was looked up in this list.
 *
 * @param items - The items.
 * @param key - The key.
 * @returns The index, or -1.
 */
export function indexOf(items: readonly Item[], key: string | undefined): number {
  const { length } = items;
  if (key === undefined || !length) return -1;
  const near = Math.min(lastFound.get(items) ?? 0, length - 1);
  const found = (at: number): number => {
    lastFound.set(items, at);
    return at;
  };
  for (const at of [near, length - 1, 0]) if (items[at]?.key === key) return found(at);
  for (let up = near + 1, down = near - 1; up < length || down >= 0; up++, down--) {
    // Reading an array beyond its ends is some hundred times slower.
    if (up < length && items[up]?.key === key) return found(up);
    if (down >= 0 && items[down]?.key === key) return found(down);
  }
  return -1;
}

/**
 * Returns the item with the tab stop.
 *
 * @param items - The items.
 * @param wanted - The preferred keys, best first.
 * @param reachDisabled - Whether it may be disabled.
 * @returns The first preferred item that is reachable, or the first reachable item.
 */
export function tabStop(
  items: readonly Item[],
  wanted: Iterable<string | undefined>,
  reachDisabled = false,
): string | undefined {
  for (const key of wanted) {
    const item = items[indexOf(items, key)];
    if (item && (reachDisabled || !item.disabled)) return key;
  }
  return (items.find((item) => !item.disabled) ?? (reachDisabled ? items[0] : undefined))?.key;
}

/**
 * Returns the nearest reachable item after a removed one, or before it.
 *
 * @param items - The items.
 * @param at - The index of the removed item.
 * @returns The item, or undefined.
 */
export function neighbour(items: readonly Item[], at: number): string | undefined {
  const open = (item: Item): boolean => !item.disabled;
  return (items.slice(Math.max(0, at)).find(open) ?? items.slice(0, Math.max(0, at)).findLast(open))?.key;
}
