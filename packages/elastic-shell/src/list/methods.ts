// What a program calls on anything whose items are selected, or opened and closed.
import type { Cell } from '../core/cell.js';
import { type Chosen, chosenOf, holds, keysOf } from '../core/collection/selection.js';

/** The methods of what selects. */
export interface SelectMethods {
  /** Selects an item. With `multiple` the others stay selected. */
  select(key: string): void;
  /** Removes an item from the selection. */
  deselect(key: string): void;
  /** Selects nothing. */
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
  /** Opens an item, or without a key all of them. */
  expand(key?: string): void;
  /** Closes an item, or without a key all of them. */
  collapse(key?: string): void;
}

/** The methods of what has the state `expanded`; `intend` asks the running contract. */
export const expandMethods = (
  intend: (intent: 'expand' | 'collapse', key?: string) => void,
): ExpandMethods => ({
  expand: (key) => intend('expand', key),
  collapse: (key) => intend('collapse', key),
});
