// How Svelte takes any pattern: the types of its options, and the function that is typed by them.
import type { Updates, Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, StateNames, StateOf } from '../handle.js';
import { type Given, type Part, useInstance } from './use.svelte.js';
/** The options of a pattern in Svelte: its own; a state may be a value, or an accessor that is asked when it is to be another. */
export type UseOptions<O, W extends Wired, P extends Bindable<unknown>> = Updates<
  Omit<O, StateNames<P> | 'render' | 'content'>
> & {
  [N in StateNames<P> & keyof O]?: O[N] | StateOf<W, N> | undefined;
} & ('content' extends keyof O
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /**
     * The id of its root. Default: one that is counted; give one made of `$props.id()` where a server renders, which is the
     * same there.
     */
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
