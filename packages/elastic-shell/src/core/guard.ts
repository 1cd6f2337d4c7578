// Guards: functions that may refuse a change, or make it wait.
import type { Change } from './change.js';
import { isPromise } from './promise.js';

/**
 * Answers whether a change may happen. `false` refuses it; a promise makes it wait, and the pattern
 * is busy until it settles. A throw or a rejection refuses it too, with the error as the message.
 */
export type Guard<C extends Change = Change> = (change: C) => unknown;

/** Hears what a guard decided; `error` where it threw or rejected. */
export type Decide = (allowed: boolean, error?: unknown) => void;

/** Asks `guard` about `change`. `decide` is called at once, or after `wait` when the answer is a promise. */
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
  // Made a promise of the platform's own: one whose `then` throws, or answers twice, ends like any other.
  void Promise.resolve(answer).then(settle, fail);
}
