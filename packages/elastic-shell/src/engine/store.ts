// Stores: objects that hold a value and notify subscribers, converted to a cell. Frameworks and libraries
// have their own. Some call new subscribers at once with the value, some have no `get`, some return a
// function to unsubscribe and others an object with such a method.
import { type Cell, cell, isPlainCell, type Listener } from '../core/cell.js';
import { isCell } from './dom.js';

/** The known part of a store: it can be subscribed to. */
export interface Store {
  subscribe(listener: Listener<unknown>): unknown;
  get?(): unknown;
  set?(value: unknown, change?: unknown): void;
}

/** Returns true for an object that can be subscribed to. */
export const isStore = (value: unknown): value is Store => isCell(value);

const end = (subscription: unknown): void => {
  if (typeof subscription === 'function') subscription();
  else if (
    typeof subscription === 'object' &&
    subscription !== null &&
    'unsubscribe' in subscription &&
    typeof subscription.unsubscribe === 'function'
  )
    subscription.unsubscribe();
};

/** Returns the value of a store without `get`: the value that it passes to a new subscriber at once. */
const valueIn = (store: Store): unknown => {
  let known: unknown;
  end(store.subscribe((value) => (known = value)));
  return known;
};

/** Returns whether an option gives a state an owner: a store that can refuse a value. */
export const isOwner = (given: unknown): boolean => isStore(given) && !isPlainCell(given);

/**
 * Returns the cell of an option that sets a state: the given cell if it has all members of a cell, a cell
 * around the given store if it has fewer, or a new cell with the initial value or `read`.
 */
export function storeOf<T = unknown>(given: unknown, read: T): Cell<T> {
  // The values under the name of a state can't be checked here.
  if (!isStore(given)) return cell(given === undefined ? read : (given as T));
  // A cell of the library has everything that is needed, and holds values of the state.
  if (isPlainCell(given)) return given as Cell<T>;
  const own: Cell<unknown> = {
    get: () => (given.get ? given.get() : valueIn(given)),
    set: (value, change) => given.set?.(value, change),
    subscribe(listener) {
      let isFirst = true;
      const subscription = given.subscribe((value, change) => {
        // The value passed at once isn't a change.
        if (!isFirst) listener(value, change);
      });
      isFirst = false;
      let isOver = false;
      return () => {
        if (isOver) return;
        isOver = true;
        end(subscription);
      };
    },
  };
  // It has the same values.
  return own as Cell<T>;
}

/** The number of wired patterns that use a store. */
const followers = new WeakMap<object, number>();

/** Counts a wired pattern as a user of the store `given`. Returns a function that ends this. */
export function joinStore(given: unknown): () => void {
  if (!isStore(given)) return () => {};
  followers.set(given, (followers.get(given) ?? 0) + 1);
  return () => void followers.set(given, (followers.get(given) ?? 0) - 1);
}

/** Returns whether several wired patterns use a store, as when a node was recreated with the same store. */
export const isShared = (given: unknown): boolean => isStore(given) && (followers.get(given) ?? 0) > 1;
