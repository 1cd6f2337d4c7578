// A function for each pattern, to call where something is injected: in a component, a directive, a service. What it answers with
// has states as signals, parts for `[shellPart]`, and methods.
//
// `root` is for what is its own root: the element of the component, or one of its view; without it `[shellPart]` says which it is.
// `id` is the id of the root, from which all others follow; one is made without it.
//
// A state is given as a first value; as a signal, which is asked and then holds it; as a function, which nobody sets; or as one
// function that reads it and another that is asked for it, at once or by a promise.
import { type ElementRef, isSignal, type Signal } from '@angular/core';
import type { Wired } from 'elastic-shell';
import type { Bindable, Pattern, StateNames, StateOf } from 'elastic-shell/bindings';
import { becomeHandle, type Handle } from './handle.js';
import { type Given, instanceOf } from './instance.js';
import { type ShellPartOf, writePart } from './part.js';

/** Options that take an element: a signal of one is read when it is wanted. */
type ElementNames = 'anchor' | 'firstFocus' | 'focusReturn' | 'context';

/** A state that Angular holds: a signal, a function that nobody sets, or one that reads it with one that is asked for it. */
export type StateGiven<T> = Signal<T> | (() => T) | readonly [get: () => T, set: (next: T) => unknown];

/** The options of an inject function: the pattern's own; a state may be a signal or a getter; a guard may answer by an observable. */
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

/** An element of one's own that is the root: that of the component, or one of its view (`viewChild`). */
export type InjectRoot = ElementRef<HTMLElement> | Signal<ElementRef<HTMLElement> | HTMLElement | undefined>;

const elementIn = (root: InjectRoot): HTMLElement | undefined => {
  const now = isSignal(root) ? root() : root;
  return now && 'nativeElement' in now ? now.nativeElement : now;
};

/** Makes an instance of `pattern`, typed by its options and by what is wired. */
export function make<O, W extends Wired, P extends Bindable<unknown>, I = unknown>(
  pattern: P,
  options: () => InjectOptions<O, W, P>,
  root?: InjectRoot,
  id?: string,
): Handle<W, P, I> {
  // The instance is made of this very pattern, and has its states, parts and methods; options are checked when it is wired.
  const handle = {} as Handle<W, P, I> & { root: ShellPartOf };
  becomeHandle(handle, instanceOf(pattern as unknown as Bindable, options as () => Given, id));
  if (root)
    writePart(
      () => handle.root,
      () => elementIn(root),
    );
  return handle;
}

/** Any pattern, such as one of your own made with `definePattern`: bind its parts. Call it where something is injected. */
export const injectPattern = <O extends object, W extends Wired, N extends string, Out>(
  pattern: Pattern<O, W, N, Out>,
  options: () => InjectOptions<O, W, Pattern<O, W, N, Out>> = () => ({}),
  root?: InjectRoot,
  id?: string,
): Handle<W, Pattern<O, W, N, Out>> => make<O, W, Pattern<O, W, N, Out>>(pattern, options, root, id);
