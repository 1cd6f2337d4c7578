// How Vue takes any pattern: the types of its options, and the composable that is typed by them.
import type { Ref } from 'vue';
import type { Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, HeldValue, StateNames, StateOf } from '../handle.js';
import { type Given, type Part, useInstance } from './use.js';
/** A state that Vue holds: a ref, which is asked when it is to be another; or a getter, which nobody but its owner changes. */
export type StateRef<T> = Ref<T> | Ref<T | undefined> | Ref<HeldValue<T>> | (() => HeldValue<T>);

/** Options that take an element. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/** The options of a composable: the pattern's own, or refs of them; a state may be a ref or a getter. */
export type UseOptions<O, W extends Wired, P extends Bindable<unknown>> = {
  [N in Exclude<keyof O, StateNames<P> | ElementNames | 'render' | 'content'>]?: O[N] | Ref<O[N]> | undefined;
} & {
  [N in StateNames<P> & keyof O]?: O[N] | StateRef<StateOf<W, N>> | undefined;
} & {
  [N in ElementNames & keyof O]?: O[N] | Readonly<Ref<Element | null>> | undefined;
} & ('content' extends keyof O
    ? { content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined }
    : unknown) & {
    /** The id of its root. Default: one that Vue makes. */
    id?: string | undefined;
  };

/** What it returns. */
type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, Part>;

/** Types a composable by its options and by what is wired. */
export function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: Given<UseOptions<O, W, B>> | undefined,
): HandleOf<W, B>;
/** What it runs is not typed by the pattern: options are checked when it is wired. */
export function use(pattern: Bindable, options: Parameters<typeof useInstance>[1]): object {
  return useInstance(pattern, options);
}
