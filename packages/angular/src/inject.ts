// A function for each pattern, to call in an injection context: in a component, a directive or a service. The handle that it returns
// has states as signals, parts for `[shellPart]`, and methods.
//
// `root` is the root if that is the element of the component, or an element of its view. Without it, the element with the part `root`
// is the root. `id` is the id of the root, from which all others are derived. Without it, an id is created.
//
// A state is given as a first value, as a signal that stores it, as a function that only reads it, or as a pair of a function that
// reads it and another that is asked about each change, at once or by a promise.
import { type ElementRef, isSignal, type Signal } from '@angular/core';
import type { Wired } from 'elastic-shell';
import type { Bindable, Pattern, StateNames, StateOf } from 'elastic-shell/bindings';
import { becomeHandle, type Handle } from './handle.js';
import { type Given, instanceOf } from './instance.js';
import { type ShellPartOf, writePart } from './part.js';

/** Options that take an element. A signal is read when the element is needed. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/**
 * A state that Angular stores: a signal, a function that nobody sets, or a pair of a function that reads it
 * and one that is asked about changes.
 */
export type StateGiven<T> = Signal<T> | (() => T) | readonly [get: () => T, set: (next: T) => unknown];

/**
 * The options of an inject function. A state may be a signal or a getter, and a guard may return an
 * observable.
 */
export type InjectOptions<O, W extends Wired, P extends Bindable<unknown>> = {
  [N in Exclude<keyof O, StateNames<P> | ElementNames | 'content'>]?: O[N] | undefined;
} & {
  [N in StateNames<P> & keyof O]?: O[N] | StateGiven<StateOf<W, N>> | undefined;
} & {
  [N in ElementNames & keyof O]?: O[N] | Signal<Element | undefined> | undefined;
} & ('content' extends keyof O
    ? {
        /** Creates the lazy content. It may return a value, a promise or an observable. */
        content?: ((signal: AbortSignal, key?: string) => unknown) | string | undefined;
      }
    : unknown);

/** The root element: that of the component, or one from its view (`viewChild`). */
export type InjectRoot = ElementRef<HTMLElement> | Signal<ElementRef<HTMLElement> | HTMLElement | undefined>;

const elementIn = (root: InjectRoot): HTMLElement | undefined => {
  const now = isSignal(root) ? root() : root;
  return now && 'nativeElement' in now ? now.nativeElement : now;
};

/** Creates an instance of `pattern`, typed by its options and its wired pattern. */
export function make<O, W extends Wired, P extends Bindable<unknown>, I = unknown>(
  pattern: P,
  options: () => InjectOptions<O, W, P>,
  root?: InjectRoot,
  id?: string,
): Handle<W, P, I> {
  // The instance belongs to this pattern, and has its states, parts and methods. Options are checked when it
  // is wired.
  const handle = {} as Handle<W, P, I> & { root: ShellPartOf };
  becomeHandle(handle, instanceOf(pattern as unknown as Bindable, options as () => Given, id));
  if (root)
    writePart(
      () => handle.root,
      () => elementIn(root),
    );
  return handle;
}

/**
 * Wires any pattern, such as a custom one made with `definePattern`. Call it in an injection context, and
 * bind its parts.
 *
 * @param pattern - The pattern.
 * @param options - Returns the options of the pattern.
 * @param root - The root element: that of the component, or one from its view. Default: the element that has
 * the part `root`.
 * @param id - The id of the root. Default: a unique id.
 * @returns The handle: states as signals, parts for `[shellPart]`, and methods.
 */
export const injectPattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options: () => InjectOptions<O, W, Pattern<O, W, N, Out>> = () => ({}),
  root?: InjectRoot,
  id?: string,
): Handle<W, Pattern<O, W, N, Out>> => make<O, W, Pattern<O, W, N, Out>>(pattern, options, root, id);
