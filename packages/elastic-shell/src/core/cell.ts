// A cell: one value that can be read, set and listened to. Every state of a pattern is one.
import type { Change } from './change.js';

/** Hears a new value and, where it is known, the change that brought it. */
export type Listener<T> = (value: T, change?: Change<T>) => void;

/**
 * A value with `get`, `set` and `subscribe`. Anything of this shape is accepted wherever an option
 * is named as a state, so a framework's own state pair can stand in for one.
 */
export interface Cell<T> {
  get(): T;
  /**
   * Stores `value`. The value it holds already is not stored and nobody is told. A store of your own may keep the value it
   * has, or take another: what `get` says afterwards is what happens. It may answer with a promise, when it knows later.
   */
  set(value: T, change?: Change<T>): unknown;
  /** Hears every later value; returns the release, harmless when called twice. */
  subscribe(listener: Listener<T>): () => void;
}

/** A cell that only its owner sets. */
export type ReadCell<T> = Omit<Cell<T>, 'set'>;

/** Calls every listener, then throws the first error any of them threw: one bad listener silences nobody. */
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

/** The cells that were made here: they take whatever they are given. */
const made = new WeakSet<object>();

/** True for a cell made by `cell`. Any other store may keep its own value when it is given one. */
export const isPlainCell = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && made.has(value);

/** Makes a cell that holds `value`. */
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
