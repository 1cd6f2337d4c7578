// The types of composables for any pattern.
import type { Ref } from 'vue';
import type { Wired } from '../../engine/types.js';
import type { Bindable } from '../bound.js';
import type { Handle, HeldValue, StateNames, StateOf } from '../handle.js';
import { type Given, type Part, useInstance } from './use.js';
/**
 * A state that Vue stores: a ref, which is asked about each change, or a getter, which only its owner
 * changes.
 */
export type StateRef<T> = Ref<T> | Ref<T | undefined> | Ref<HeldValue<T>> | (() => HeldValue<T>);

/** Options that take an element. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/** The options of a composable, or refs of them. A state may be a ref or a getter. */
export type UseOptions<O, W extends Wired, P extends Bindable<unknown>> = {
  [N in Exclude<keyof O, StateNames<P> | ElementNames | 'render' | 'content'>]?: O[N] | Ref<O[N]> | undefined;
} & {
  [N in StateNames<P> & keyof O]?: O[N] | StateRef<StateOf<W, N>> | undefined;
} & {
  [N in ElementNames & keyof O]?: O[N] | Readonly<Ref<Element | null>> | undefined;
} & ('content' extends keyof O
    ? {
        /** Creates the lazy content. It may return a component, a node, or a promise of one. */
        content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined;
      }
    : unknown) & {
    /** The id of the root. Default: an id from Vue. */
    id?: string | undefined;
  };

/** The handle of a composable. */
type HandleOf<W extends Wired, P extends Bindable<unknown>> = Handle<W, P, Part>;

/** Types a composable by its options and by its wired pattern. */
export function use<O, W extends Wired, B extends Bindable<unknown>>(
  pattern: B,
  options: Given<UseOptions<O, W, B>> | undefined,
): HandleOf<W, B>;
/** The implementation is not typed by the pattern, because options are checked when it is wired. */
export function use(pattern: Bindable, options: Parameters<typeof useInstance>[1]): object {
  return useInstance(pattern, options);
}
