// The types of functions for any pattern.
import type { Change, Updates, Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, HeldValue, StateNames, StateOf } from '../handle.js';
import { type Given, type Part, useInstance } from './use.svelte.js';
/**
 * A state that Svelte stores: functions that read and set it, `[() => open, (value) => (open = value)]`. The
 * setter may return a promise.
 */
export type StatePair<T> = readonly [() => T, (value: T, change: Change<T>) => unknown];

/**
 * The same for keys that are stored as one of several words, with null, or as a list. The setter has no
 * signature here, so that `StatePair` types the parameters of a function that is written in place.
 */
type HeldPair<T> = [T] extends [boolean | number] ? never : readonly [() => HeldValue<T>, CallableFunction];

/** The options of a pattern in Svelte. A state may be a value, a pair of functions, or an accessor. */
export type UseOptions<O, W extends Wired, P extends Bindable<unknown>> = Updates<
  Omit<O, StateNames<P> | 'render' | 'content'>
> & {
  [N in StateNames<P> & keyof O]?:
    O[N] | StateOf<W, N> | StatePair<StateOf<W, N>> | HeldPair<StateOf<W, N>> | undefined;
} & ('content' extends keyof O
    ? {
        /** Creates the lazy content. It may return a component, a snippet, or a promise of one. */
        content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined;
      }
    : unknown) & {
    /** The id of the root. Default: a counted id. */
    id?: string | undefined;
  };

/** The handle of a pattern in Svelte. */
type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, Part>;

/** Types a function by its options and by its wired pattern. */
export function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: Given<UseOptions<O, W, B>> | undefined,
): HandleOf<W, B>;
/** The implementation is not typed by the pattern, because options are checked when it is wired. */
export function use(pattern: Bindable, options: Parameters<typeof useInstance>[1]): object {
  return useInstance(pattern, options);
}
