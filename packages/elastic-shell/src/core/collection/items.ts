// Items of a collection, as the core sees them: a key, a label, and what keeps one from being reached.

/** An item of a list, a menu, tabs or sections, as data or as read from markup. */
export interface Item {
  key: string;
  /**
   * What is shown and read out, and what type-ahead looks for.
   *
   * @defaultValue the key
   */
  label?: string;
  disabled?: boolean;
  /** More about it, read out after its label. */
  description?: string;
  /** The name of the group it stands in. */
  group?: string;
  /** It can be closed. */
  closable?: boolean;
}

/** Where each list was last found to hold what was looked for: the next look begins there. */
const lastFound = new WeakMap<readonly Item[], number>();

/** Where an item stands; -1 when it is not there. Costs the distance from the last item that was looked for in this list. */
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
    // Beyond its ends an array is looked at as an object is, which is some hundred times slower.
    if (up < length && items[up]?.key === key) return found(up);
    if (down >= 0 && items[down]?.key === key) return found(down);
  }
  return -1;
}

/**
 * The item that keeps the one tab stop: the first of `wanted` that is there, else the first item. One that is disabled
 * only with `reachDisabled`, or where nothing else is left.
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

/** The nearest item that can be reached from where `at` stood, looking after it first. */
export function neighbour(items: readonly Item[], at: number): string | undefined {
  const open = (item: Item): boolean => !item.disabled;
  return (items.slice(Math.max(0, at)).find(open) ?? items.slice(0, Math.max(0, at)).findLast(open))?.key;
}
