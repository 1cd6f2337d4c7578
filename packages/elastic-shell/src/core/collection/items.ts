// Items of a collection, as the core sees them: a key, a label, and what keeps one from being reached.

export interface Item {
  key: string;
  /** What is read out, and what type-ahead looks for. */
  label?: string;
  disabled?: boolean;
  /** The key of the group it stands in. */
  group?: string;
  /** It can be closed. */
  closable?: boolean;
}

/** Where an item stands; -1 when it is not there. */
export const indexOf = (items: readonly Item[], key: string | undefined): number =>
  items.findIndex((item) => item.key === key);

/** The item that keeps the one tab stop: the wanted one if it can be reached, else the first that can. */
export const tabStop = (items: readonly Item[], wanted: string | undefined): string | undefined =>
  (items.find((item) => item.key === wanted && !item.disabled) ?? items.find((item) => !item.disabled))?.key;

/** The nearest item that can be reached from where `at` stood, looking after it first. */
export function neighbour(items: readonly Item[], at: number): string | undefined {
  const open = (item: Item): boolean => !item.disabled;
  return (items.slice(Math.max(0, at)).find(open) ?? items.slice(0, Math.max(0, at)).findLast(open))?.key;
}
