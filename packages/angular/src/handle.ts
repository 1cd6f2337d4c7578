// Handles, which inject functions return and directives are: states as signals, parts for `[shellPart]`, and
// methods.
import { computed, type Signal } from '@angular/core';
import type { Wired } from 'elastic-shell';
import type {
  AnyOutline,
  Attributes,
  Bindable,
  Bound,
  Phase,
  RowsOf,
  StateNames,
  StateOf,
} from 'elastic-shell/bindings';
import type { Instance } from './instance.js';
import type { ShellPartOf } from './part.js';

/** A state. Reading it is tracked, and setting it asks its owner and the guard. */
export type StateSignal<T> = Signal<T> & { set(value: T): void };

/**
 * What is selected: a key or, with `multiple`, a set of keys. In a template without `multiple` the type may
 * be `any` or both, and one key is meant.
 */
export type ChosenOf<Multiple> = boolean extends Multiple
  ? string | undefined
  : [Multiple] extends [true]
    ? ReadonlySet<string>
    : string | undefined;

/** Its parts: values to bind, or functions of a key or of what a control requests. */
type Parts<Out> = Out extends { single: infer Single; each: infer Each }
  ? { readonly [N in keyof Single]: ShellPartOf } & {
      readonly [N in keyof Each]: Each[N] extends (given: never, ...args: infer A) => Attributes
        ? (...args: A) => ShellPartOf
        : never;
    }
  : never;

/**
 * The handle of a pattern: its states as signals, `busy` while a guard is pending, `phase`, its parts, its
 * methods, and `wired` when it is on the page. `I` is the type of the items of its rows.
 */
export type Handle<W extends Wired, P extends Bindable<unknown>, I = unknown> = {
  readonly [N in StateNames<P>]: StateSignal<StateOf<W, N>>;
} & Parts<P['outline']> &
  Pick<W, P['methods'][number] & keyof W> & {
    /** True while a guard or the owner of a state decides about a change. */
    readonly busy: Signal<boolean>;
    /** Whether it is opening, open, closing or closed. */
    readonly phase: Signal<Phase>;
    /** The wired pattern. Undefined before it is on the page. */
    readonly wired: () => W | undefined;
  } & RowsOf<I>;

const bounds = new WeakMap<object, Bound>();

/** Returns the instance behind a handle. Throws a TypeError for anything else. */
export function boundOf(handle: unknown): Bound {
  const known = typeof handle === 'object' && handle !== null ? bounds.get(handle) : undefined;
  if (known) return known;
  throw new TypeError(
    'elastic-shell: rows, tokens and content take what injectListbox, injectCombobox and their like answer with, or the directive',
  );
}

/** Adds the states, parts and methods of an instance to `handle`. The caller types it. */
export function becomeHandle(handle: object, { bound, ready, track }: Instance): void {
  const { outline, methods } = bound.bindable;
  const { first, single, each, roots = ['root'] }: AnyOutline = outline;
  const known = new Map<string, ShellPartOf>();
  const partOf = (name: string, args: readonly string[]): ShellPartOf => {
    const key = [name, ...args].join('\n');
    const part = known.get(key) ?? {
      attributes() {
        ready();
        return bound.part(name, ...args);
      },
      attach: roots.includes(name)
        ? (element: HTMLElement) => {
            ready();
            return bound.attach(element);
          }
        : undefined,
    };
    known.set(key, part);
    return part;
  };
  const define = (name: string, value: unknown): void =>
    void Object.defineProperty(handle, name, { value, enumerable: true, configurable: true });
  for (const name of [...Object.keys(first), 'busy', 'phase']) {
    const state = computed(() => {
      track(name);
      ready();
      return bound.read(name);
    });
    define(name, Object.assign(state, { set: (value: unknown) => bound.write(name, value) }));
  }
  for (const name of Object.keys(single)) define(name, partOf(name, []));
  for (const name of Object.keys(each)) define(name, (...args: string[]) => partOf(name, args));
  for (const method of methods) define(method, (...args: unknown[]) => bound.call(method, args));
  define('wired', () => bound.wired());
  bounds.set(handle, bound);
}
