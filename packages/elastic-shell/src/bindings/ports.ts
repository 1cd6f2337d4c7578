// Ports: states that a framework stores, adapted to owners that the engine can ask and follow.
import type { Cell, Listener } from '../core/cell.js';
import type { Change } from '../core/change.js';
import { undecided } from '../engine/owners.js';
import { isPromise } from '../core/promise.js';
import { sameKeys } from '../core/collection/selection.js';

/** A state that the framework stores. */
export interface Port {
  /**
   * Returns the value in the framework.
   *
   * @returns The value.
   */
  get(): unknown;
  /**
   * Passes a requested value to the framework.
   *
   * @param value - The value.
   * @param change - The change.
   * @returns A promise, if only the next commit shows whether the framework has taken the value.
   */
  set(value: unknown, change: unknown): unknown;
}

const ports = new WeakSet<object>();

/**
 * Marks an option as a state that the framework stores.
 *
 * @param port - Reads and sets the state.
 * @returns The port.
 */
export const asPort = (port: Port): Port => {
  ports.add(port);
  return port;
};

/**
 * Returns whether an option is a state that the framework stores.
 *
 * @param value - The value of the option.
 * @returns Whether it is a port.
 */
export const isPort = (value: unknown): value is Port =>
  typeof value === 'object' && value !== null && ports.has(value);

/** The store of a port, and a function that reports a new value in the framework. */
export interface PortStore {
  store: Cell<unknown>;
  /** Reports the value if it has changed. */
  look(): void;
  /** The change that the framework was asked about, until its next commit. */
  asked(): Change | undefined;
}

/**
 * Converts the framework's value for the engine. Keys become a set, also if the framework stores a list. A
 * list that is changed in place counts as new if it has other keys.
 */
const snapshot = (before: unknown, now: unknown): unknown => {
  const keys: unknown = Array.isArray(now) ? new Set(now) : now;
  if (!(keys instanceof Set)) return now;
  return before instanceof Set && sameKeys(before, keys) ? before : new Set(keys);
};

/** Converts a value for the framework, in the form that it stores: keys as a list, or null for no key. */
const asHeld = (value: unknown, held: unknown, isNull: boolean): unknown => {
  if (value instanceof Set && Array.isArray(held)) return [...value];
  return isNull ? (value ?? null) : value;
};

/**
 * Creates a store of the port that `portNow` returns, which may differ each time. Without a value, the state
 * is `first`.
 */
export function portStore(portNow: () => Port, first: unknown): PortStore {
  const listeners = new Set<Listener<unknown>>();
  let known: unknown;
  /** The framework has stored null before, so it gets null if there is no key. */
  let isNull = false;
  let asked: Change | undefined;
  const get = (): unknown => {
    const held = portNow().get();
    isNull ||= held === null;
    return (known = snapshot(known, held ?? first));
  };
  get();
  return {
    store: {
      get,
      set(value, change) {
        const port = portNow();
        const before = get();
        const answer = port.set(asHeld(value, port.get(), isNull), change);
        if (!isPromise(answer)) return Object.is(get(), before) ? Promise.resolve(undecided) : answer;
        asked = change;
        return answer.then(() => {
          asked = undefined;
          return undecided;
        });
      },
      subscribe(listener) {
        listeners.add(listener);
        return () => void listeners.delete(listener);
      },
    },
    asked: () => asked,
    look() {
      const before = known;
      if (!Object.is(get(), before)) for (const listener of [...listeners]) listener(known);
    },
  };
}

/** Makes a port of a set that is changed in place: its keys are replaced, and the set itself stays. */
export const setPort = (keys: Set<unknown>): Port =>
  asPort({
    get: () => keys,
    set(value) {
      const next = new Set(value instanceof Set ? value : []);
      for (const key of [...keys]) if (!next.has(key)) keys.delete(key);
      for (const key of next) keys.add(key);
    },
  });
