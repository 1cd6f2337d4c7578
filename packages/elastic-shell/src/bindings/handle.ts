// Handles, which the hooks return: parts to spread, states to read and set, methods to call.
import type { Cell } from '../core/cell.js';
import type { Attributes } from '../core/contract/contract.js';
import { flagAttributes } from '../core/outline/outline.js';
import type { Phase } from '../layer/phase.js';
import type { Wired } from '../engine/types.js';
import type { AnyOutline, Bindable, Bound } from './bound.js';

/** The value of a state of `W`. */
export type StateOf<W, N> = N extends keyof W ? (W[N] extends Cell<infer T> ? T : never) : never;

/**
 * What a framework may store for a state: keys also as a list, a key also as one of several words, and no key
 * also as null.
 */
export type HeldValue<T> = [T] extends [ReadonlySet<string>]
  ? ReadonlySet<string> | readonly string[]
  : [T] extends [string | undefined]
    ? string | null | undefined
    : T;

/** The names of the states of a pattern. */
export type StateNames<P extends Bindable<unknown>> = P['outline'] extends { first: infer S }
  ? keyof S & string
  : never;

/**
 * The type of a part in a framework, computed from the element that it is spread onto: `element` is the
 * input, and `part` is the result.
 */
export interface PartKind {
  /** The element that the part is spread onto. */
  readonly element: unknown;
  /** The part in this framework. */
  readonly part: unknown;
}

/** A part in the framework `F` for the element `E`. */
export type PartOf<F extends PartKind, E extends Element> = (F & { readonly element: E })['part'];

declare const row: unique symbol;

/** A handle for `Rows`, with items of the type `I`. */
export interface RowsOf<I> {
  /** Carries the type for TypeScript. It never exists. */
  readonly [row]?: I;
}

/** The members of every handle. */
export interface HandleBase<W extends Wired> {
  /** True while a guard or the owner of a state decides about a change. */
  readonly busy: boolean;
  /** Whether it is opening, open, closing or closed. */
  readonly phase: Phase;
  /** The wired pattern. Undefined before it is on the page. */
  readonly wired: W | undefined;
}

/** Its parts: values to spread, or functions of a key or of what a control requests. */
type Parts<Out, F extends PartKind> = Out extends { single: infer Single; each: infer Each }
  ? { readonly [N in keyof Single]: PartOf<F, HTMLElement> } & {
      readonly [N in keyof Each]: Each[N] extends (given: never, ...args: infer A) => Attributes
        ? (...args: A) => PartOf<F, HTMLElement>
        : never;
    }
  : never;

/**
 * The handle of any pattern in a component: states to read and set, parts, and methods. Setting a state asks
 * its owner.
 */
export type Handle<W extends Wired, P extends Bindable<unknown>, F extends PartKind> = {
  -readonly [N in StateNames<P>]: StateOf<W, N>;
} & Parts<P['outline'], F> &
  Pick<W, P['methods'][number] & keyof W> &
  HandleBase<W> &
  // The type of the items of a custom pattern is not known here.
  RowsOf<never>;

/**
 * Converts attributes to properties. `nameOf` returns the framework's name of an attribute. `isControl`: it
 * is a control, whose value is what it requests.
 */
export function propsOf(
  attributes: Attributes,
  nameOf: (name: string, isControl: boolean) => string = (name) => name,
): Record<string, unknown> {
  const isControl = attributes['commandfor'] !== undefined;
  const props: Record<string, unknown> = {};
  for (const [name, value] of Object.entries(attributes))
    if (value !== null) props[nameOf(name, isControl)] = flagAttributes.has(name) ? true : value;
  return props;
}

/** How a framework adapts a handle. */
export interface HandleRules {
  /** Converts attributes for the framework. `isRoot`: with the reference that wires the element. */
  props(attributes: Attributes, isRoot: boolean): unknown;
  /** Called when a state is read, so that the reader is updated. */
  track(name: string): void;
}

/** The data of a handle. */
interface Inside {
  bound: Bound;
  rules: HandleRules;
}

/**
 * The data of a handle is stored in a function, because frameworks that wrap objects leave functions alone.
 */
const inside = Symbol('inside');

interface HandleObject {
  [inside](): Inside;
}

const isHandle = (value: unknown): value is HandleObject =>
  typeof value === 'object' && value !== null && inside in value;

/**
 * Returns the instance behind a handle. Throws a TypeError for anything else, because rows and content need a
 * handle.
 */
export function boundOf(handle: unknown): Bound {
  if (isHandle(handle)) return handle[inside]().bound;
  throw new TypeError(
    'elastic-shell: `of` needs the handle of a hook such as useListbox, useTree or useCombobox',
  );
}

/** The members of every handle of one pattern. */
const membersOf = new WeakMap<Bindable, PropertyDescriptorMap>();

function makeMembers({ outline, methods }: Bindable): PropertyDescriptorMap {
  const { first, single, each, roots = ['root'] }: AnyOutline = outline;
  const members: PropertyDescriptorMap = {};
  const define = (
    name: string,
    read: (inside: Inside) => unknown,
    write?: (bound: Bound, value: unknown) => void,
  ): void => {
    members[name] = {
      enumerable: true,
      configurable: true,
      get(this: HandleObject) {
        return read(this[inside]());
      },
      ...(write && {
        set(this: HandleObject, value: unknown) {
          write(this[inside]().bound, value);
        },
      }),
    };
  };
  for (const name of [...Object.keys(first), 'busy', 'phase'])
    define(
      name,
      ({ bound, rules }) => {
        rules.track(name);
        return bound.read(name);
      },
      (bound, value) => bound.write(name, value),
    );
  for (const name of Object.keys(single)) {
    const isRoot = roots.includes(name);
    define(name, ({ bound, rules }) =>
      bound.partAs(name, [], (attributes) => rules.props(attributes, isRoot)),
    );
  }
  for (const name of Object.keys(each))
    define(
      name,
      ({ bound, rules }) =>
        (...args: string[]) =>
          bound.partAs(name, args, (attributes) => rules.props(attributes, false)),
    );
  for (const method of methods)
    define(
      method,
      ({ bound }) =>
        (...args: unknown[]) =>
          bound.call(method, args),
    );
  define('wired', ({ bound }) => bound.wired());
  return members;
}

/**
 * Creates the handle of `bound`, which the caller types. All handles of a pattern share their members.
 * Otherwise, thousands of rows would have a function for each member.
 */
export function handleOf(bound: Bound, rules: HandleRules): object {
  const { bindable } = bound;
  const members = membersOf.get(bindable) ?? makeMembers(bindable);
  membersOf.set(bindable, members);
  const held: Inside = { bound, rules };
  const made: object = Object.defineProperty({}, inside, { value: () => held });
  return Object.defineProperties(made, members);
}
