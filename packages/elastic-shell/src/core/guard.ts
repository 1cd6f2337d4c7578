// Guards: functions that can block or delay a change.
import type { Change } from './change.js';
import { isPromise } from './promise.js';

/**
 * Decides about a change. Return false to block it, or a promise to delay it, while the pattern is busy.
 * Throwing or rejecting blocks it too, with the error as the message.
 */
export type Guard<C extends Change = Change> = (change: C) => unknown;

/** Called with the decision of a guard, and its `error` if it failed. */
export type Decide = (allowed: boolean, error?: unknown) => void;

/** Calls `guard` with `change`. `decide` is called at once or, after `wait`, when the promise settles. */
export function ask<C extends Change>(
  guard: Guard<C> | undefined,
  change: C,
  wait: () => void,
  decide: Decide,
): void {
  let answer: unknown;
  const settle = (value: unknown): void => decide(value !== false);
  const fail = (error: unknown): void => decide(false, error);
  try {
    answer = guard?.(change);
  } catch (error) {
    return fail(error);
  }
  if (!isPromise(answer)) return settle(answer);
  wait();
  // Wrapped in a native promise, so that a faulty `then` can't settle twice or throw.
  void Promise.resolve(answer).then(settle, fail);
}
