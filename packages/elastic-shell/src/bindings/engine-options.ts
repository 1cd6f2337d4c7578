// The options for the engine, derived from those of a framework: functions that stay the same while they call
// the latest one, stores for states that the framework stores, and hosts for what it renders.
import { isPromise } from '../core/promise.js';
import type { Wired } from '../engine/types.js';
import type { Hosts } from './hosts.js';
import { copiesOf, isPlain, originalOf } from './in-place.js';
import { isPort, type PortStore } from './ports.js';

/** Options as a binding has read them: values, functions, and ports for states that the framework stores. */
export type Taken = Readonly<Record<string, unknown>>;

/** Lazy content that has loaded. `key` is that of the item whose panel it is for. */
export interface Loaded {
  /** The content that has loaded. */
  content: unknown;
  /** The key of the item whose panel it is for. */
  key: string | undefined;
}

/** The data from which the options of one instance are derived. */
export interface OptionsHeld {
  /** The name of its pattern. */
  name: string;
  options: Taken;
  /** The values that the engine got last, by option. */
  given: ReadonlyMap<string, unknown>;
  ports: ReadonlyMap<string, PortStore>;
  /** The places that the framework fills, created on first use. */
  rows: Hosts | undefined;
  tokens: Hosts | undefined;
  content: Hosts<Loaded> | undefined;
  /** Items were changed in place, so the engine gets copies. */
  isInPlace: boolean;
  wired: Wired | undefined;
}

/**
 * Compares two values of an item. The same array may have been changed in place, so it counts as a different
 * one.
 */
const isSameField = (one: unknown, other: unknown): boolean =>
  Array.isArray(one) ? one !== other && isSameList(one, other) : Object.is(one, other);

/** Items that are created again at each rendering are the same if their content is. */
function isSameItem(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true;
  if (!isPlain(one) || !isPlain(other)) return false;
  const names = Object.keys(one);
  return (
    names.length === Object.keys(other).length && names.every((name) => isSameField(one[name], other[name]))
  );
}

const isSameList = (one: unknown, other: unknown): boolean =>
  Array.isArray(one) &&
  Array.isArray(other) &&
  one.length === other.length &&
  one.every((each, at) => isSameItem(each, other[at]));

/** Lets the framework render lazy content, if a component does. */
function contentBy(held: OptionsHeld): unknown {
  return (signal: AbortSignal, key?: string): unknown => {
    const make = held.options['content'];
    const root = held.wired?.root ?? document.documentElement;
    const made: unknown = typeof make === 'function' ? make(signal, key) : make;
    const host = (content: unknown): unknown => {
      if (content === undefined) return undefined;
      if (held.content?.isFilled()) return held.content.add(root.ownerDocument, { content, key });
      if (typeof content === 'object' && content !== null && 'default' in content)
        throw new TypeError(
          `elastic-shell: the content of ${held.name} is a module; add <Content> to your components, which renders it`,
        );
      return content;
    };
    return isPromise(made) ? Promise.resolve(made).then(host) : host(made);
  };
}

/** Returns a function that stays the same while it calls the latest one. */
const latest =
  (held: OptionsHeld, name: string) =>
  (...args: unknown[]): unknown => {
    const now = held.options[name];
    return typeof now === 'function' ? now(...args.map(originalOf)) : undefined;
  };

/** Returns the value of an option for the engine. */
function engineOption(held: OptionsHeld, name: string, value: unknown): unknown {
  const before = held.given.get(name);
  if (name === 'content' && typeof value === 'function') return before ?? contentBy(held);
  if (isPort(value)) return held.ports.get(name)?.store;
  if (typeof value === 'function') return typeof before === 'function' ? before : latest(held, name);
  if (isSameList(before, value)) return before;
  return name === 'items' && held.isInPlace ? copiesOf(value) : value;
}

/** The empty data that most instances share, because a page may have thousands of them. */
export const none: ReadonlyMap<string, never> = new Map<string, never>();

/** Returns the options for the engine. The framework renders rows and tokens if a component does. */
export function engineOptions(held: OptionsHeld): ReadonlyMap<string, unknown> {
  let now: Map<string, unknown> | undefined;
  const give = (name: string, value: unknown): void => void (now ??= new Map()).set(name, value);
  for (const [name, value] of Object.entries(held.options))
    if (value !== undefined) give(name, engineOption(held, name, value));
  const rendered = [
    ['render', held.rows],
    ['renderToken', held.tokens],
  ] as const;
  for (const [name, hosts] of rendered)
    if (hosts?.isFilled())
      give(name, held.given.get(name) ?? ((value: unknown) => hosts.add(documentOf(held), value)));
  return now ?? none;
}

const documentOf = ({ wired }: OptionsHeld): Document => wired?.root.ownerDocument ?? document;
