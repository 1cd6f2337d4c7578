// A cell: one value that can be read, set and subscribed to. Every state of a pattern is a cell.
import type { Change } from './change.js';

/** Called with a new value and, if known, the change that caused it. */
export type Listener<T> = (value: T, change?: Change<T>) => void;

/**
 * A value with `get`, `set` and `subscribe`. Every state option accepts an object of this shape, so that a
 * framework's own state can be used.
 */
export interface Cell<T> {
  /**
   * Returns the current value.
   *
   * @returns The value.
   */
  get(): T;
  /**
   * Stores a value and notifies the subscribers, unless it is the present value. A store of your own can keep
   * its value or store another: the value that `get` returns afterwards is used. It can return a promise that
   * resolves when it has decided.
   *
   * @param value - The new value.
   * @param change - The change that caused it.
   * @returns Nothing, or a promise.
   */
  set(value: T, change?: Change<T>): unknown;
  /**
   * Subscribes to later values.
   *
   * @param listener - Called with each new value.
   * @returns A function that unsubscribes. Calling it twice has no effect.
   */
  subscribe(listener: Listener<T>): () => void;
}

/** A cell that only its owner can set. */
export type ReadCell<T> = Omit<Cell<T>, 'set'>;

/** Calls every listener, then throws the first error: a failing listener doesn't affect the others. */
export function deliver<A extends unknown[]>(
  listeners: Iterable<((...args: A) => void) | undefined>,
  ...args: A
): void {
  let failed: { error: unknown } | undefined;
  for (const listener of [...listeners]) {
    try {
      listener?.(...args);
    } catch (error) {
      failed ??= { error };
    }
  }
  if (failed) throw failed.error;
}

/** The cells that were created here. They accept every value. */
const made = new WeakSet<object>();

/** Returns true for a cell from `cell`. Any other store can refuse a value. */
export const isPlainCell = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && made.has(value);

/**
 * Creates a cell.
 *
 * @param value - The initial value.
 * @returns The cell.
 * @example const open = cell(false); open.subscribe((isOpen) => console.log(isOpen)); open.set(true);
 */
export function cell<T>(value: T): Cell<T> {
  const listeners = new Set<Listener<T>>();
  const own: Cell<T> = {
    get: () => value,
    set(next, change) {
      if (next === value) return;
      value = next;
      deliver(listeners, next, change);
    },
    subscribe(listener) {
      const hear: Listener<T> = (next, change) => listener(next, change);
      listeners.add(hear);
      return () => void listeners.delete(hear);
    },
  };
  made.add(own);
  return own;
}
