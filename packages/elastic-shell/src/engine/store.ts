// Stores: whatever holds a value and tells of later ones, made into a cell.
//
// Frameworks and libraries have their own. Some tell the value at once to whoever subscribes, some have no `get`, some
// answer with a function to end the subscription and others with an object that has one.
import { type Cell, cell, isPlainCell, type Listener } from '../core/cell.js';
import { isCell } from './dom.js';

/** What is known of a store: that it can be subscribed to. */
export interface Store {
  subscribe(listener: Listener<unknown>): unknown;
  get?(): unknown;
  set?(value: unknown, change?: unknown): void;
}

/** True for anything that can be subscribed to. */
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

/** The value of a store without `get`: what it tells at once to whoever subscribes. */
const valueIn = (store: Store): unknown => {
  let known: unknown;
  end(store.subscribe((value) => (known = value)));
  return known;
};

/** Whether an option gives a state an owner: a store that may keep its own value. */
export const isOwner = (given: unknown): boolean => isStore(given) && !isPlainCell(given);

/**
 * The cell behind an option that is named as a state: the caller's own where it has all that a cell has, one around the
 * caller's store where it has less, else one that holds the first value, or `read` where none is given.
 */
export function storeOf<T = unknown>(given: unknown, read: T): Cell<T> {
  // What is given under the name of a state holds values of it: nothing here can tell.
  if (!isStore(given)) return cell(given === undefined ? read : (given as T));
  // A cell of ours has all that one needs. It is one, and holds what the state holds.
  if (isPlainCell(given)) return given as Cell<T>;
  const own: Cell<unknown> = {
    get: () => (given.get ? given.get() : valueIn(given)),
    set: (value, change) => given.set?.(value, change),
    subscribe(listener) {
      let isFirst = true;
      const subscription = given.subscribe((value, change) => {
        // What is told at once is no news.
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
  // Of the same values.
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
