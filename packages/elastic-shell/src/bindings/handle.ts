// Handles: what a binding answers with. Parts to spread, states to read and to set, methods to call.
import type { Cell } from '../core/cell.js';
import type { Attributes } from '../core/contract/contract.js';
import { flagAttributes } from '../core/outline/outline.js';
import type { Phase } from '../layer/phase.js';
import type { Wired } from '../engine/types.js';
import type { AnyOutline, Bindable, Bound } from './bound.js';

/** The value of one of the states of `W`. */
export type StateOf<W, N> = N extends keyof W ? (W[N] extends Cell<infer T> ? T : never) : never;

/** What a framework may hold for a state: keys also as a list, a key also as one of some words, and no key also as null. */
export type HeldValue<T> = [T] extends [ReadonlySet<string>]
  ? ReadonlySet<string> | readonly string[]
  : [T] extends [string | undefined]
    ? string | null | undefined
    : T;

/** The names of the states of a pattern. */
export type StateNames<P extends Bindable<unknown>> = P['outline'] extends { first: infer S }
  ? keyof S & string
  : never;

/** What a part is in a framework, by the element that it goes onto: a type that is asked with `element` and answers with `part`. */
export interface PartKind {
  readonly element: unknown;
  readonly part: unknown;
}

/** A part of the framework `F` that goes onto the element `E`. */
export type PartOf<F extends PartKind, E extends Element> = (F & { readonly element: E })['part'];

declare const row: unique symbol;

/** What `Rows` renders rows for: a handle whose rows are made of items of the type `I`. */
export interface RowsOf<I> {
  /** Tells TypeScript of the type; it is never there. */
  readonly [row]?: I;
}

/** What every handle has. */
export interface HandleBase<W extends Wired> {
  /** True while a guard or the owner of a state makes up its mind. */
  readonly busy: boolean;
  /** Whether it is opening, open, closing or closed. */
  readonly phase: Phase;
  /** The wired pattern, once it is on the page. */
  readonly wired: W | undefined;
}

/** Its parts: one to spread, or a function of a key or of what a control asks for. */
type Parts<Out, F extends PartKind> = Out extends { single: infer Single; each: infer Each }
  ? { readonly [N in keyof Single]: PartOf<F, HTMLElement> } & {
      readonly [N in keyof Each]: Each[N] extends (given: never, ...args: infer A) => Attributes
        ? (...args: A) => PartOf<F, HTMLElement>
        : never;
    }
  : never;

/** One instance of any pattern in a component: its states (reading one follows it, setting one asks its owner), parts and methods. */
export type Handle<W extends Wired, P extends Bindable<unknown>, F extends PartKind> = {
  -readonly [N in StateNames<P>]: StateOf<W, N>;
} & Parts<P['outline'], F> &
  Pick<W, P['methods'][number] & keyof W> &
  HandleBase<W> &
  // Which items a pattern of one's own has is not known here.
  RowsOf<never>;

/** Attributes as properties to spread, under the names that `nameOf` says; `isControl`: the value says what it stands for. */
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

/** How a framework makes a handle its own. */
export interface HandleRules {
  /** Attributes as the framework spreads them; `isRoot`: with its way to the element, to wire it. */
  props(attributes: Attributes, isRoot: boolean): unknown;
  /** Somebody reads this state: he wants to follow it. */
  track(name: string): void;
}

/** What a handle answers from. */
interface Inside {
  bound: Bound;
  rules: HandleRules;
}

/** Where a handle has what it answers from: a function, which frameworks leave alone that wrap objects. */
const inside = Symbol('inside');

interface HandleObject {
  [inside](): Inside;
}

const isHandle = (value: unknown): value is HandleObject =>
  typeof value === 'object' && value !== null && inside in value;

/** The instance behind a handle. Throws a TypeError for anything else: what rows and content are placed for is a handle. */
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
 * The handle of `bound`; typed by whoever knows the pattern. All handles of a pattern share their members: thousands of rows with one
 * each would have a function a member otherwise.
 */
export function handleOf(bound: Bound, rules: HandleRules): object {
  const { bindable } = bound;
  const members = membersOf.get(bindable) ?? makeMembers(bindable);
  membersOf.set(bindable, members);
  const held: Inside = { bound, rules };
  const made: object = Object.defineProperty({}, inside, { value: () => held });
  return Object.defineProperties(made, members);
}
