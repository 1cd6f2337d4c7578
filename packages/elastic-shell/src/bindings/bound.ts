// What every binding is made of: one instance of a pattern, from before there is a page until it is wired, unwired and wired
// again. A framework adds its own way to hold states, to hear of changes and to render.
//
// Parts are handed out as attributes of the first state, and the same ones ever after: from then on the engine alone writes
// them, and a framework that compares what it renders with what it rendered finds nothing to change.
import type { Attributes } from '../core/contract/contract.js';
import type { Given, Outline } from '../core/outline/outline.js';
import { asState } from '../engine/attributes.js';
import { isCell } from '../engine/dom.js';
import { waits } from '../engine/registry.js';
import { storeOf } from '../engine/store.js';
import type { Wired } from '../engine/types.js';
import { engineOptions, type Loaded, type OptionsHeld, type Taken } from './engine-options.js';
import { type Hosts, hosts } from './hosts.js';
import { isPort, type Port, portStore } from './ports.js';

export type { Loaded, Taken } from './engine-options.js';

/** A pattern as a binding takes it. */
export interface Bindable<Out = AnyOutline> {
  outline: Out;
  /** Its options are checked by itself. */
  wire(root: HTMLElement, options?: never): Wired;
  /** The names of its methods. */
  methods: readonly string[];
}

/** An outline of which only the names are known. */
export type AnyOutline = Outline<never, never>;

/** One instance of a pattern. */
export interface Bound {
  readonly bindable: Bindable;
  readonly rows: Hosts;
  readonly tokens: Hosts;
  readonly content: Hosts<Loaded>;
  wired(): Wired | undefined;
  /** These are the options from now on. What differs is followed. */
  take(options: Taken): void;
  /** The attributes of a part: for what it was asked first, as they were then. */
  part(name: string, ...args: string[]): Attributes;
  /** The root is on the page: wires it. Answers the way back. */
  attach(root: HTMLElement): () => void;
  /** A state, `busy` or `phase`, as it is now. */
  read(name: string): unknown;
  /** Has a state become that. */
  write(name: string, value: unknown): void;
  /** Calls a method, now or when it is wired. */
  call(method: string, args: unknown[]): unknown;
}

/** What a bound instance holds. */
interface Held extends OptionsHeld {
  bindable: Bindable;
  id: string;
  heard: (name: string) => void;
  /** States as they were when it was last wired, or as they are before it is. */
  states: Map<string, unknown>;
  parts: Map<string, Attributes>;
  /** It waits for its first use. Until then its states are what they would be without it, and any other member of `wired` is a use. */
  isWaiting: boolean;
  /** What was called before it was wired. */
  calls: (() => void)[];
}

const cellOf = ({ wired }: Held, name: string): { get(): unknown; set?(value: unknown): void } | undefined =>
  wired && Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;

/** Tells the engine of options that are others now. */
function follow(held: Held): void {
  const { wired, given } = held;
  if (!wired) return;
  const now = engineOptions(held);
  const changed: Record<string, unknown> = {};
  for (const name of new Set([...now.keys(), ...given.keys()]))
    if (!held.ports.has(name) && !Object.is(now.get(name), given.get(name))) changed[name] = now.get(name);
  held.given = now;
  if (Object.keys(changed).length) wired.update(changed);
}

function take(held: Held, { id: _, ...options }: Taken): void {
  const before = held.options;
  held.options = options;
  for (const [name, value] of Object.entries(options)) {
    // A first value that is another now is what holds, and not what was before.
    if (!isPort(value) && !Object.is(value, before[name])) held.states.delete(name);
    if (!isPort(value)) continue;
    // What it was before is what it is now as well: only the way to it is another.
    if (!held.ports.has(name))
      held.ports.set(
        name,
        portStore(() => portNamed(held, name, value), Reflect.get(held.bindable.outline.first, name)),
      );
  }
  follow(held);
  for (const port of held.ports.values()) port.look();
}

const portNamed = (held: Held, name: string, first: Port): Port => {
  const now = held.options[name];
  return isPort(now) ? now : first;
};

/** A set of keys, where the state is one or the option gives another kind of list. */
const stateOf = (first: unknown, value: unknown): unknown =>
  asState(typeof value === 'object' && value !== null ? new Set() : first, value);

function read(held: Held, name: string): unknown {
  const { wired, isWaiting, states, ports, bindable, options } = held;
  if (name === 'phase') return wired?.root.dataset['phase'] ?? (read(held, 'open') ? 'open' : 'closed');
  if (wired && !isWaiting) return cellOf(held, name)?.get();
  if (name === 'busy') return false;
  const port = ports.get(name);
  if (port) return port.store.get();
  if (states.has(name)) return states.get(name);
  const first: unknown = Reflect.get(bindable.outline.first, name);
  const given = options[name];
  if (isCell(given)) return storeOf(given, first).get();
  return given === undefined ? first : stateOf(first, given);
}

/** What outlines are asked with. */
function givenNow(held: Held): Given<never, never> {
  const { bindable, id, options } = held;
  const state: Record<string, unknown> = {};
  for (const name of Object.keys(bindable.outline.first)) state[name] = read(held, name);
  const { items } = options;
  // Of the pattern's own states and options, which only its own outline looks into.
  return { id, state, options, ...(Array.isArray(items) && { items }) } as unknown as Given<never, never>;
}

function part(held: Held, name: string, args: string[]): Attributes {
  const { bindable, parts, states } = held;
  const { single, each, firstItem } = bindable.outline;
  const known = parts.get([name, ...args].join('\n'));
  if (known) return known;
  const [key] = args;
  // Of the outline of any pattern nothing but this is known of its parts.
  const items: readonly string[] = firstItem?.parts ?? [];
  if (firstItem && key !== undefined && items.includes(name))
    if (!held.wired && read(held, firstItem.state) === undefined && !held.ports.has(firstItem.state))
      states.set(firstItem.state, key);
  const make = single[name] ?? each[name];
  // One that takes no key is not given one.
  const made = (make as ((...all: unknown[]) => Attributes) | undefined)?.(givenNow(held), ...args) ?? {};
  parts.set([name, ...args].join('\n'), made);
  return made;
}

/** Hears of every change of its states, until released. */
function hear(held: Held, wired: Wired): () => void {
  const names = [...Object.keys(held.bindable.outline.first), 'busy'];
  const stops = names.map((name) => {
    const cell = Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;
    // Each is a cell, whose subscription answers with its end.
    return cell?.subscribe(() => held.heard(name)) as (() => void) | undefined;
  });
  const observer = new MutationObserver(() => held.heard('phase'));
  observer.observe(wired.root, { attributeFilter: ['data-phase'] });
  return () => {
    observer.disconnect();
    for (const stop of stops) stop?.();
  };
}

function attach(held: Held, root: HTMLElement): () => void {
  const { bindable, states, ports } = held;
  held.given = engineOptions(held);
  // What was is what is: states that nobody holds live on from one wiring to the next.
  const kept = [...states].filter(([name, value]) => !ports.has(name) && value !== undefined);
  const options = Object.fromEntries([...held.given, ...kept.filter(([name]) => optional(bindable, name))]);
  // Checked by the wire function itself.
  const wired = bindable.wire(root, options as never);
  const wait = waits.get(wired);
  let stop: (() => void) | undefined;
  const use = (): void => {
    if (held.wired !== wired) return;
    held.isWaiting = false;
    stop = hear(held, wired);
    for (const name of Object.keys(bindable.outline.first)) held.heard(name);
  };
  held.wired = wired;
  held.isWaiting = !!wait;
  if (wait) wait(use);
  else use();
  // What was called before is called now; in a moment, since development builds unwire and wire again at once.
  queueMicrotask(() => {
    if (held.wired) for (const call of held.calls.splice(0)) call();
  });
  return () => {
    if (held.wired !== wired) return;
    if (!held.isWaiting)
      for (const name of Object.keys(bindable.outline.first)) states.set(name, cellOf(held, name)?.get());
    stop?.();
    wired.unwire();
    held.wired = undefined;
  };
}

/** States that an option may give: what is current, or said in a field, follows from the others. */
const optional = ({ outline }: Bindable, name: string): boolean =>
  name !== 'current' && name !== 'text' && Object.hasOwn(outline.first, name);

function call(held: Held, method: string, args: unknown[]): unknown {
  const { wired } = held;
  const act: unknown = wired && Reflect.get(wired, method);
  if (typeof act === 'function') return act(...args);
  return new Promise((resolve) => held.calls.push(() => resolve(call(held, method, args))));
}

/** An instance of `bindable` whose root will have the id `id`. `heard` is told the name of what has changed. */
export function bound(bindable: Bindable, id: string, heard: (name: string) => void): Bound {
  const held: Held = {
    bindable,
    name: bindable.outline.name,
    id,
    heard,
    options: {},
    given: new Map(),
    ports: new Map(),
    states: new Map(),
    parts: new Map(),
    rows: hosts(() => follow(held)),
    tokens: hosts(() => follow(held)),
    content: hosts(() => {}),
    wired: undefined,
    isWaiting: false,
    calls: [],
  };
  return {
    bindable,
    rows: held.rows,
    tokens: held.tokens,
    content: held.content,
    wired: () => held.wired,
    take: (options) => take(held, options),
    part: (name, ...args) => part(held, name, args),
    attach: (root) => attach(held, root),
    read: (name) => read(held, name),
    write(name, value) {
      if (held.wired) cellOf(held, name)?.set?.(value);
      else held.calls.push(() => cellOf(held, name)?.set?.(value));
    },
    call: (method, args) => call(held, method, args),
  };
}
