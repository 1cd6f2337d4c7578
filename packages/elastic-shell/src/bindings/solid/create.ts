// The base of the primitives for Solid: it keeps one instance, follows its options in an effect, and is a
// signal wherever a state is read. If Solid stores a state, the option is a pair of an accessor and a
// setter: it is set, and read again at once.
import {
  createContext,
  createEffect,
  createSignal,
  createUniqueId,
  onCleanup,
  untrack,
  useContext,
} from 'solid-js';
import type { Attributes } from '../../core/contract/contract.js';
import { overDefaults } from '../../engine/defaults.js';
import { type Bindable, type Bound, bound, type Taken } from '../bound.js';
import { handleOf, type PartKind, propsOf } from '../handle.js';
import { asPort } from '../ports.js';

/** Attributes and a ref, to spread onto an element. */
export type PartProps<E = HTMLElement> = Readonly<Record<string, unknown>> & {
  readonly ref?: (element: E) => void;
};

/** The type of a part in Solid. */
export interface Part extends PartKind {
  /** The attributes to spread. */
  readonly part: PartProps<this['element']>;
}

/** The defaults of a subtree, by pattern. */
export const DefaultsContext = createContext<Readonly<Record<string, object>>>({});

function toProps(attributes: Attributes, ref: ((element: HTMLElement) => void) | undefined): PartProps {
  const props = propsOf(attributes);
  return ref ? { ...props, ref } : props;
}

type Pair = readonly [() => unknown, (value: unknown, change?: unknown) => unknown];

const isPair = (value: unknown): value is Pair =>
  Array.isArray(value) && value.length === 2 && value.every((each) => typeof each === 'function');

/** Items from an accessor. A function that loads items has the query as its parameter. */
function itemsNow(value: unknown): unknown {
  const items: unknown = typeof value === 'function' && !value.length ? value() : undefined;
  return Array.isArray(items) ? items : value;
}

/**
 * The options of Solid: pairs are states that it stores, and an accessor is a state that only its owner
 * changes.
 */
function taken({ outline }: Bindable, name: string, value: unknown): unknown {
  if (!Object.hasOwn(outline.first, name)) {
    const now = name === 'items' ? itemsNow(value) : value;
    return Array.isArray(now) ? [...now] : now;
  }
  // Solid would call a function to compute the next value, but states aren't functions.
  if (isPair(value))
    return asPort({ get: () => untrack(value[0]), set: (next, change) => value[1](next, change) });
  if (typeof value === 'function') return asPort({ get: () => untrack(() => value()), set: () => undefined });
  return value;
}

/** Options, or a function that returns them and is followed. */
export type Given<O> = O | (() => O);

/** Wires the root when it is on the page, and unwires it when its owner is disposed. */
const rootRef = (instance: Bound) => (element: HTMLElement) =>
  createEffect(() => onCleanup(untrack(() => instance.attach(element))));

/** Keeps an instance of `bindable` for as long as its owner lives. The caller types its handle. */
export function createInstance(bindable: Bindable, given: Given<object> = {}): object {
  const defaults = useContext(DefaultsContext)[bindable.outline.name];
  const read = (): Taken => {
    const all = overDefaults(defaults, typeof given === 'function' ? given() : given);
    const entries = Object.entries(all).map(([name, value]) => {
      // Read here as well, so that the effect follows the value.
      if (Object.hasOwn(bindable.outline.first, name)) {
        if (isPair(value)) value[0]();
        else if (typeof value === 'function') value();
      }
      return [name, taken(bindable, name, value)] as const;
    });
    return Object.fromEntries(entries);
  };
  const changes = new Map<string, ReturnType<typeof createSignal<void>>>();
  const changeOf = (name: string) => {
    const known = changes.get(name) ?? createSignal<void>(undefined, { equals: false });
    changes.set(name, known);
    return known;
  };
  const first = untrack(read);
  const instance = bound(bindable, `${first['id'] ?? createUniqueId()}`, (name) => changeOf(name)[1]());
  instance.take(first);
  createEffect(() => {
    const now = read();
    untrack(() => instance.take(now));
  });
  const root = rootRef(instance);
  return handleOf(instance, {
    props: (attributes, isRoot) => toProps(attributes, isRoot ? root : undefined),
    track: (name) => changeOf(name)[0](),
  });
}
