// The base of the functions for Svelte: it keeps one instance, follows its options in an effect, and is
// reactive wherever a state is read. If Svelte stores a state, the option is a pair of functions, `[() =>
// open, (value) => (open = value)]`, or an accessor of the options object: `get open() { … }, set open(value)
// { … }`. It is set, and read again at once. If it has not taken the value yet, it is read again after the
// next tick.
import { overDefaults } from '../../engine/defaults.js';
import { getContext, setContext, tick, untrack } from 'svelte';
import { type Attachment, createAttachmentKey } from 'svelte/attachments';
import { createSubscriber, SvelteSet } from 'svelte/reactivity';
import type { Attributes } from '../../core/contract/contract.js';
import { isPromise } from '../../core/promise.js';
import { type Bindable, bound, type Taken } from '../bound.js';
import { handleOf, type PartKind, propsOf } from '../handle.js';
import { readAll } from '../in-place.js';
import { asPort, type Port, setPort } from '../ports.js';

/** Attributes and an attachment, to spread onto an element. */
export interface PartProps<E extends Element = HTMLElement> {
  readonly [attribute: string]: unknown;
  readonly [attachment: symbol]: Attachment<E>;
}

/** The type of a part in Svelte. */
export interface Part extends PartKind {
  /** The attributes to spread. */
  readonly part: PartProps<this['element'] & Element>;
}

/** The defaults of a subtree, by pattern. */
export type DefaultsMap = Readonly<Record<string, object>>;

const defaultsKey = Symbol('elastic-shell defaults');

/** Returns the defaults that apply where it is called. */
export const defaultsHere = (): DefaultsMap => getContext<DefaultsMap | undefined>(defaultsKey) ?? {};

/** Sets the defaults for the calling component and everything inside it. */
export const provide = (defaults: DefaultsMap): unknown => setContext(defaultsKey, defaults);

/** The initial value of a field or checkbox, which the user's input replaces. */
const firstOf: Readonly<Record<string, string>> = { value: 'defaultValue', checked: 'defaultChecked' };

const toProps = (attributes: Attributes): Record<string, unknown> =>
  propsOf(attributes, (name, isControl) => (isControl ? name : (firstOf[name] ?? name)));

type Pair = readonly [get: () => unknown, set: (value: unknown, change?: unknown) => unknown];

const isPair = (value: unknown): value is Pair =>
  Array.isArray(value) && value.length === 2 && value.every((each) => typeof each === 'function');

/** A state as a pair of functions. Without a setter it keeps its value. */
function pairPort([read, set]: readonly [Pair[0], (Pair[1] | undefined)?]): Port {
  const get = (): unknown => untrack(read);
  return asPort({
    get,
    set(value, change) {
      const answer = set?.(value, change);
      return isPromise(answer) || !set || Object.is(get(), value) ? answer : tick();
    },
  });
}

/** A state as an accessor of the options object. */
const accessorPort = (options: object, name: string): Port =>
  pairPort([
    () => Reflect.get(options, name),
    Object.getOwnPropertyDescriptor(options, name)?.set &&
      ((value) => Reflect.set(options, name, value) && undefined),
  ]);

/**
 * Reads an option of Svelte. Lists are copied, because a list that is changed in place is a different one
 * then.
 */
function taken({ outline }: Bindable, options: object, name: string): unknown {
  const value: unknown = Reflect.get(options, name);
  if (!Object.hasOwn(outline.first, name)) return Array.isArray(value) ? [...value] : value;
  if (isPair(value)) {
    // Read here, so that the effect follows the value.
    value[0]();
    return pairPort(value);
  }
  const keys = value instanceof Set ? [...value] : [];
  if (Object.getOwnPropertyDescriptor(options, name)?.get) return accessorPort(options, name);
  return keys && value instanceof SvelteSet ? setPort(value) : value;
}

/** Options, or a function that returns them and is followed. */
export type Given<O> = O | (() => O);

/** Calls `changed` when items are changed in place, at any depth, as far as they are reactive. */
function followInside(given: Given<object>, changed: () => void): void {
  let known: unknown;
  $effect(() => {
    const { items }: Taken = typeof given === 'function' ? given() : given;
    readAll(items);
    const isSame = items === known;
    known = items;
    if (isSame && items) untrack(changed);
  });
}

/**
 * Ids are counted. A server continues counting from page to page, so the browser counts separately, with ids
 * of its own. Hydrated markup gets those, in all its parts at once.
 */
let made = 0;
const prefix = typeof document === 'undefined' ? 'shell-server-' : 'shell-s';

/** Keeps an instance of `bindable` for as long as the component lives. The caller types its handle. */
export function useInstance(bindable: Bindable, given: Given<object> = {}): object {
  const defaults = defaultsHere()[bindable.outline.name];
  const read = (): Taken => {
    const options = typeof given === 'function' ? given() : given;
    const own = Object.keys(options).map((name) => [name, taken(bindable, options, name)]);
    return overDefaults(defaults, Object.fromEntries(own));
  };
  const changes = new Map<string, { follow(): void; tell(): void }>();
  const changeOf = (name: string) => {
    const known = changes.get(name);
    if (known) return known;
    let tell = (): void => {};
    const follow = createSubscriber((update) => {
      tell = update;
      return () => (tell = () => {});
    });
    const change = { follow, tell: () => tell() };
    changes.set(name, change);
    return change;
  };
  const first = untrack(read);
  const instance = bound(bindable, `${first['id'] ?? `${prefix}${++made}`}`, (name) => changeOf(name).tell());
  instance.take(first);
  $effect(() => {
    const now = read();
    untrack(() => instance.take(now));
  });
  followInside(given, () => instance.renewItems());
  const attach = { [createAttachmentKey()]: (root: HTMLElement) => untrack(() => instance.attach(root)) };
  return handleOf(instance, {
    props: (attributes, isRoot) => ({ ...toProps(attributes), ...(isRoot && attach) }),
    track: (name) => changeOf(name).follow(),
  });
}
