// The types of hooks for any pattern.
import type { Ref, RefObject } from 'react';
import type { Change, Updates, Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, HeldValue, StateNames, StateOf } from '../handle.js';
import { type Part, useInstance } from './hook.js';
/** A state that React stores: its value, and a setter that may return a promise. */
export type StatePair<T> = readonly [T, (value: T, change: Change<T>) => unknown];

/**
 * The same for keys that are stored as one of several words, with null, or as a list. The setter has no
 * signature here, so that `StatePair` types the parameters of a function that is written in place.
 */
type HeldPair<T> = [T] extends [boolean | number] ? never : readonly [HeldValue<T>, CallableFunction];

/** Options that take an element. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/**
 * The options of a hook. A state may be a pair, an element a ref, and content anything that React renders.
 */
export type HookOptions<O, W extends Wired, P extends Bindable<unknown>> = Updates<
  Omit<O, StateNames<P> | ElementNames | 'render' | 'content'>
> & {
  [N in StateNames<P> & keyof O]?: O[N] | StatePair<StateOf<W, N>> | HeldPair<StateOf<W, N>> | undefined;
} & {
  [N in ElementNames & keyof O]?: O[N] | RefObject<Element | null> | undefined;
} & ('content' extends keyof O
    ? {
        /** Creates the lazy content. It may return anything that React renders, or a promise of it. */
        content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined;
      }
    : unknown) & {
    /** The id of the root. Default: an id from React. */
    id?: string | undefined;
    /**
     * Receives the root too, because a `ref` next to the spread parts would replace theirs. Default: none.
     */
    ref?: Ref<HTMLElement> | undefined;
  };

/**
 * The handle. It is readonly, because React's lint rules don't allow assignments to what a hook returns.
 * Methods change states.
 */
type HandleOf<W extends Wired, P extends Bindable<unknown>> = Readonly<Handle<W, P, Part>>;

/** Types a hook by its options and by its wired pattern. */
export function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: HookOptions<O, W, B> | undefined,
): HandleOf<W, B>;
/** The implementation is not typed by the pattern, because options are checked when it is wired. */
export function use(pattern: Bindable, options: Parameters<typeof useInstance>[1]): object {
  return useInstance(pattern, options);
}
