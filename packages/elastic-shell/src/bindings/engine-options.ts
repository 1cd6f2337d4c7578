// Options as the engine takes them, made of those that a framework gives: functions that stay the same while what they call is
// the latest, stores for states that the framework holds, hosts for what it renders.
import { isPromise } from '../core/promise.js';
import type { Wired } from '../engine/types.js';
import type { Hosts } from './hosts.js';
import { copiesOf, isPlain, originalOf } from './in-place.js';
import { isPort, type PortStore } from './ports.js';

/** Options as a binding has read them: values, functions, and ports for what the framework holds. */
export type Taken = Readonly<Record<string, unknown>>;

/** What later content has come to; `key` is that of the item whose panel it is for. */
export interface Loaded {
  content: unknown;
  key: string | undefined;
}

/** What is held of one instance to make options for the engine. */
export interface OptionsHeld {
  /** The name of its pattern. */
  name: string;
  options: Taken;
  /** What was last given to the engine, by option. */
  given: ReadonlyMap<string, unknown>;
  ports: ReadonlyMap<string, PortStore>;
  /** What the framework fills, once it has asked for it. */
  rows: Hosts | undefined;
  tokens: Hosts | undefined;
  content: Hosts<Loaded> | undefined;
  /** Items have been changed in place: the engine is given copies. */
  isInPlace: boolean;
  wired: Wired | undefined;
}

/** Two values of an item. An array that is the same one may have been changed in place, so it counts as another. */
const isSameField = (one: unknown, other: unknown): boolean =>
  Array.isArray(one) ? one !== other && isSameList(one, other) : Object.is(one, other);

/** Items that are made anew at each rendering are the same if they hold the same. */
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

/** Content by way of the framework, where somebody fills what it comes to. */
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

/** A function that stays the same while what it calls is the latest. */
const latest =
  (held: OptionsHeld, name: string) =>
  (...args: unknown[]): unknown => {
    const now = held.options[name];
    return typeof now === 'function' ? now(...args.map(originalOf)) : undefined;
  };

/** What the engine is given for an option. */
function engineOption(held: OptionsHeld, name: string, value: unknown): unknown {
  const before = held.given.get(name);
  if (name === 'content' && typeof value === 'function') return before ?? contentBy(held);
  if (isPort(value)) return held.ports.get(name)?.store;
  if (typeof value === 'function') return typeof before === 'function' ? before : latest(held, name);
  if (isSameList(before, value)) return before;
  return name === 'items' && held.isInPlace ? copiesOf(value) : value;
}

/** What most instances have of options, ports and states. They share it, since a page may have thousands of instances. */
export const none: ReadonlyMap<string, never> = new Map<string, never>();

/** The options as the engine takes them. Rows and tokens are rendered by the framework where somebody fills them. */
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
