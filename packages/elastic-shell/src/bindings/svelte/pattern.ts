// How Svelte takes any pattern: the types of its options, and the function that is typed by them.
import type { Change, Updates, Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, HeldValue, StateNames, StateOf } from '../handle.js';
import { type Given, type Part, useInstance } from './use.svelte.js';
/** A state that Svelte holds: functions that read and set it, `[() => open, (value) => (open = value)]`. The setter may return a promise. */
export type StatePair<T> = readonly [() => T, (value: T, change: Change<T>) => unknown];

/**
 * The same for keys that are held as one of some words, with null, or as a list. Its setter has no signature here, so that those of
 * `StatePair` type the parameters of a function that is written in place.
 */
type HeldPair<T> = [T] extends [boolean | number] ? never : readonly [() => HeldValue<T>, CallableFunction];

/** The options of a pattern in Svelte: its own; a state may be a value, a pair of functions, or an accessor. */
export type UseOptions<O, W extends Wired, P extends Bindable<unknown>> = Updates<
  Omit<O, StateNames<P> | 'render' | 'content'>
> & {
  [N in StateNames<P> & keyof O]?:
    O[N] | StateOf<W, N> | StatePair<StateOf<W, N>> | HeldPair<StateOf<W, N>> | undefined;
} & ('content' extends keyof O
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /** The id of its root. Default: one that is counted. */
    id?: string | undefined;
  };

/** What it returns. */
type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, Part>;

/** Types a function by its options and by what is wired. */
export function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: Given<UseOptions<O, W, B>> | undefined,
): HandleOf<W, B>;
/** What it runs is not typed by the pattern: options are checked when it is wired. */
export function use(pattern: Bindable, options: Parameters<typeof useInstance>[1]): object {
  return useInstance(pattern, options);
}
