// What a program calls on anything whose items are selected, or opened and closed.
import type { Cell } from '../core/cell.js';
import { type Chosen, chosenOf, holds, keysOf } from '../core/collection/selection.js';

/** The methods of what selects. */
export interface SelectMethods {
  /** Selects an item. With `multiple`, the others stay selected. */
  select(key: string): void;
  /** Removes an item from the selection. */
  deselect(key: string): void;
  /** Clears the selection. */
  clear(): void;
}

/** The methods of what has the state `selected`. */
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

/** The methods of what expands. */
export interface ExpandMethods {
  /** Expands an item, or all of them if `key` is omitted. */
  expand(key?: string): void;
  /** Collapses an item, or all of them if `key` is omitted. */
  collapse(key?: string): void;
}

/** The methods of what has the state `expanded`; `intend` asks the running contract. */
export const expandMethods = (
  intend: (intent: 'expand' | 'collapse', key?: string) => void,
): ExpandMethods => ({
  expand: (key) => intend('expand', key),
  collapse: (key) => intend('collapse', key),
});
