// How Solid takes any pattern: the types of its options, and the primitive that is typed by them.
import type { Accessor } from 'solid-js';
import type { Change, Updates, Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, HeldValue, StateNames, StateOf } from '../handle.js';
import { createInstance, type Given, type Part } from './create.js';
/** A state that Solid holds: its accessor, and who is asked when it is to be another. He may answer with a promise. */
export type StatePair<T> = readonly [Accessor<T>, (value: T, change: Change<T>) => unknown];

/**
 * The same for keys that are held as one of some words, with null, or as a list. Its setter has no signature here, so that those of
 * `StatePair` type the parameters of a function that is written in place.
 */
type HeldPair<T> = [T] extends [boolean | number]
  ? never
  : readonly [Accessor<HeldValue<T>>, CallableFunction];

/** The options of a primitive: the pattern's own; a state may be a pair or an accessor, and content anything that is rendered. */
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
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /** The id of its root. Default: one that Solid makes. */
    id?: string | undefined;
  };

/** What it returns. */
type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, Part>;

/** Types a primitive by its options and by what is wired. */
export function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: Given<CreateOptions<O, W, B>> | undefined,
): HandleOf<W, B>;
/** What it runs is not typed by the pattern: options are checked when it is wired. */
export function use(pattern: Bindable, options: Parameters<typeof createInstance>[1]): object {
  return createInstance(pattern, options);
}
