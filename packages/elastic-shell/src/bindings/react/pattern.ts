// How React takes any pattern: the types of its options, and the hook that is typed by them.
import type { Ref, RefObject } from 'react';
import type { Change, Updates, Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, HeldValue, StateNames, StateOf } from '../handle.js';
import { type Part, useInstance } from './hook.js';
/** A state that React holds: its value, and who is asked when it is to be another. He may answer with a promise. */
export type StatePair<T> = readonly [T, (value: T, change: Change<T>) => unknown];

/**
 * The same for keys that are held as one of some words, with null, or as a list. Its setter has no signature here, so that those of
 * `StatePair` type the parameters of a function that is written in place.
 */
type HeldPair<T> = [T] extends [boolean | number] ? never : readonly [HeldValue<T>, CallableFunction];

/** Options that take an element. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/** The options of a hook: the pattern's own; a state may be a pair, an element a ref, and content anything that is rendered. */
export type HookOptions<O, W extends Wired, P extends Bindable<unknown>> = Updates<
  Omit<O, StateNames<P> | ElementNames | 'render' | 'content'>
> & {
  [N in StateNames<P> & keyof O]?: O[N] | StatePair<StateOf<W, N>> | HeldPair<StateOf<W, N>> | undefined;
} & {
  [N in ElementNames & keyof O]?: O[N] | RefObject<Element | null> | undefined;
} & ('content' extends keyof O
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /** The id of its root. Default: one that React makes. */
    id?: string | undefined;
    /** Is given the root as well: a `ref` beside the spread parts would replace theirs. Default: none. */
    ref?: Ref<HTMLElement> | undefined;
  };

/** What it returns. Readonly, since React's lint rules forbid to assign to what a hook returns: states are changed by methods. */
type HandleOf<W extends Wired, P extends Bindable<unknown>> = Readonly<Handle<W, P, Part>>;

/** Types a hook by its options and by what is wired. */
export function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: HookOptions<O, W, B> | undefined,
): HandleOf<W, B>;
/** What it runs is not typed by the pattern: options are checked when it is wired. */
export function use(pattern: Bindable, options: Parameters<typeof useInstance>[1]): object {
  return useInstance(pattern, options);
}
