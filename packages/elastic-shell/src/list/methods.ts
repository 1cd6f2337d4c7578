// The methods of patterns whose items are selected or expanded.
import type { Cell } from '../core/cell.js';
import { type Chosen, chosenOf, holds, keysOf } from '../core/collection/selection.js';

/** The methods of a pattern with selection. */
export interface SelectMethods {
  /**
   * Selects an item. With `multiple`, the others stay selected.
   *
   * @param key - The key of the item.
   */
  select(key: string): void;
  /**
   * Removes an item from the selection.
   *
   * @param key - The key of the item.
   */
  deselect(key: string): void;
  /** Clears the selection. */
  clear(): void;
}

/** Returns the methods of a pattern with the state `selected`. */
export function selectMethods(selected: Cell<Chosen>, multiple: boolean): SelectMethods {
  const without = (key: string): string[] => [...keysOf(selected.get())].filter((other) => other !== key);
  const become = (keys: Iterable<string>): void => void selected.set(chosenOf(new Set(keys), multiple));
  return {
    select: (key) => become(multiple ? [...without(key), key] : [key]),
    deselect(key) {
      if (holds(selected.get(), key)) become(without(key));
    },
    clear() {
      if (keysOf(selected.get()).size) become([]);
    },
  };
}

/** The methods of a pattern with items that expand. */
export interface ExpandMethods {
  /**
   * Expands an item.
   *
   * @param key - The key of the item. Default: all items.
   */
  expand(key?: string): void;
  /**
   * Collapses an item.
   *
   * @param key - The key of the item. Default: all items.
   */
  collapse(key?: string): void;
}

/**
 * Returns the methods of a pattern with the state `expanded`. `intend` sends an intent to the running
 * contract.
 */
export const expandMethods = (
  intend: (intent: 'expand' | 'collapse', key?: string) => void,
): ExpandMethods => ({
  expand: (key) => intend('expand', key),
  collapse: (key) => intend('collapse', key),
});
