// The types of primitives for any pattern.
import type { Accessor } from 'solid-js';
import type { Change, Updates, Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, HeldValue, StateNames, StateOf } from '../handle.js';
import { createInstance, type Given, type Part } from './create.js';
/** A state that Solid stores: its accessor, and a setter that may return a promise. */
export type StatePair<T> = readonly [Accessor<T>, (value: T, change: Change<T>) => unknown];

/**
 * The same for keys that are stored as one of several words, with null, or as a list. The setter has no
 * signature here, so that `StatePair` types the parameters of a function that is written in place.
 */
type HeldPair<T> = [T] extends [boolean | number]
  ? never
  : readonly [Accessor<HeldValue<T>>, CallableFunction];

/**
 * The options of a primitive. A state may be a pair or an accessor, and content anything that Solid renders.
 */
export type CreateOptions<O, W extends Wired, P extends Bindable<unknown>> = Updates<
  Omit<O, StateNames<P> | 'render' | 'content'>
> & {
  [N in StateNames<P> & keyof O]?:
    | O[N]
    | StatePair<StateOf<W, N>>
    | HeldPair<StateOf<W, N>>
    | Accessor<HeldValue<StateOf<W, N>>>
    | undefined;
} & ('content' extends keyof O
    ? {
        /** Creates the lazy content. It may return anything that Solid renders, or a promise of it. */
        content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined;
      }
    : unknown) & {
    /** The id of the root. Default: an id from Solid. */
    id?: string | undefined;
  };

/** The handle of a primitive. */
type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, Part>;

/** Types a primitive by its options and by its wired pattern. */
export function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: Given<CreateOptions<O, W, B>> | undefined,
): HandleOf<W, B>;
/** The implementation is not typed by the pattern, because options are checked when it is wired. */
export function use(pattern: Bindable, options: Parameters<typeof createInstance>[1]): object {
  return createInstance(pattern, options);
}
