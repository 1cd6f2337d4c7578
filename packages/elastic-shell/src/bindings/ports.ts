// Ports: states as a framework holds them, made into owners that the engine asks and hears.
import type { Cell, Listener } from '../core/cell.js';
import type { Change } from '../core/change.js';
import { undecided } from '../engine/owners.js';
import { isPromise } from '../core/promise.js';
import { sameKeys } from '../core/collection/selection.js';

/** A state that the framework holds. */
export interface Port {
  get(): unknown;
  /** Gives it a value. Returns a promise if it is known only after the next commit whether it has taken the value. */
  set(value: unknown, change: unknown): unknown;
}

const ports = new WeakSet<object>();

/** Marks a state that the framework holds, so that it is told from a first value. */
export const asPort = (port: Port): Port => {
  ports.add(port);
  return port;
};

/** Whether an option is a state that the framework holds. */
export const isPort = (value: unknown): value is Port =>
  typeof value === 'object' && value !== null && ports.has(value);

/** The store of a port, and the way to have it tell that the framework holds another value now. */
export interface PortStore {
  store: Cell<unknown>;
  /** Looks whether the value is another, and tells of it. */
  look(): void;
  /** The change that it was asked about, until its next commit. */
  asked(): Change | undefined;
}

/**
 * What the engine is told: keys as a set, also where the framework holds a list. One that is changed in place is another value when it
 * holds other keys; else it is the one it was.
 */
const snapshot = (before: unknown, now: unknown): unknown => {
  const keys: unknown = Array.isArray(now) ? new Set(now) : now;
  if (!(keys instanceof Set)) return now;
  return before instanceof Set && sameKeys(before, keys) ? before : new Set(keys);
};

/** What the framework is handed: of the kind that it holds, keys as a list or no key as null. */
const asHeld = (value: unknown, held: unknown, isNull: boolean): unknown => {
  if (value instanceof Set && Array.isArray(held)) return [...value];
  return isNull ? (value ?? null) : value;
};

/** Makes a store of what `portNow` answers, which may be another port each time. One that holds nothing holds `first`. */
export function portStore(portNow: () => Port, first: unknown): PortStore {
  const listeners = new Set<Listener<unknown>>();
  let known: unknown;
  /** It has held null, so it is handed null where there is nothing. */
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

/** A set that is changed in place, as a port: it is made to hold other keys, and stays the set that it is. */
export const setPort = (keys: Set<unknown>): Port =>
  asPort({
    get: () => keys,
    set(value) {
      const next = new Set(value instanceof Set ? value : []);
      for (const key of [...keys]) if (!next.has(key)) keys.delete(key);
      for (const key of next) keys.add(key);
    },
  });
