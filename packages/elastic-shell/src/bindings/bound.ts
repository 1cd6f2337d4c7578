// What every binding is made of: one instance of a pattern, from before there is a page until it is wired, unwired and wired
// again. A framework adds its own way to hold states, to hear of changes and to render.
//
// Parts are handed out as attributes of the first state, and the same ones ever after: from then on the engine alone writes
// them, and a framework that compares what it renders with what it rendered finds nothing to change.
import type { Attributes } from '../core/contract/contract.js';
import { waits } from '../engine/registry.js';
import { tellShort } from '../engine/short.js';
import type { Wired } from '../engine/types.js';
import { engineOptions, type Loaded, none, type Taken } from './engine-options.js';
import { type Bindable, cellOf, checkId, type Held, keepState, read } from './held.js';
import { type Hosts, hosts } from './hosts.js';
import { partAs } from './parts.js';
import { isPort, type Port, portStore } from './ports.js';

export type { Loaded, Taken } from './engine-options.js';
export type { AnyOutline, Bindable } from './held.js';

/** One instance of a pattern. */
export interface Bound {
  readonly bindable: Bindable;
  readonly rows: Hosts;
  readonly tokens: Hosts;
  readonly content: Hosts<Loaded>;
  wired(): Wired | undefined;
  /** These are the options from now on. What differs is followed. */
  take(options: Taken): void;
  /** Items have been changed in place: they are given to the engine anew. */
  renewItems(): void;
  /** The attributes of a part: for what it was asked first, as they were then. */
  part(name: string, ...args: string[]): Attributes;
  /** What `make` makes of the attributes of a part, once: later calls answer with the same. */
  partAs(name: string, args: readonly string[], make: (attributes: Attributes) => unknown): unknown;
  /** The root is on the page: wires it. Answers the way back. */
  attach(root: HTMLElement): () => void;
  /** A state, `busy` or `phase`, as it is now. */
  read(name: string): unknown;
  /** Has a state become that. */
  write(name: string, value: unknown): void;
  /** Calls a method, now or when it is wired. */
  call(method: string, args: unknown[]): unknown;
}

/** Tells the engine of options that are others now. */
function follow(held: Held): void {
  const { wired, given } = held;
  if (!wired) return;
  const now = engineOptions(held);
  if (now === given) return;
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
    if (!isPort(value) && !Object.is(value, before[name]) && held.states.has(name))
      held.states = new Map([...held.states].filter(([each]) => each !== name));
    if (!isPort(value)) continue;
    // What it was before is what it is now as well: only the way to it is another.
    if (!held.ports.has(name))
      held.ports = new Map(held.ports).set(
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
  checkId(held, root);
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
      for (const name of Object.keys(bindable.outline.first))
        keepState(held, name, cellOf(held, name)?.get());
    stop?.();
    // Taken away by the owner that was asked: that is its answer.
    const answered = [...ports.values()].map((port) => port.asked()).filter((change) => change !== undefined);
    wired.unwire();
    held.wired = undefined;
    const { onChange } = held.options;
    for (const change of answered) {
      if (typeof onChange === 'function') onChange(change);
      tellShort(held.options, change);
    }
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

const asTheyAre = (attributes: Attributes): Attributes => attributes;

/** A class, since a page may have thousands of them: what one can do is kept once for all. */
class Instance implements Bound {
  private readonly held: Held;

  constructor(
    readonly bindable: Bindable,
    id: string,
    heard: (name: string) => void,
  ) {
    this.held = {
      bindable,
      name: bindable.outline.name,
      id,
      heard,
      options: {},
      given: none,
      ports: none,
      states: none,
      parts: new Map(),
      rows: undefined,
      tokens: undefined,
      content: undefined,
      isInPlace: false,
      wired: undefined,
      isWaiting: false,
      calls: [],
    };
  }

  get rows(): Hosts {
    return (this.held.rows ??= hosts(() => follow(this.held)));
  }

  get tokens(): Hosts {
    return (this.held.tokens ??= hosts(() => follow(this.held)));
  }

  get content(): Hosts<Loaded> {
    return (this.held.content ??= hosts(() => {}));
  }

  wired(): Wired | undefined {
    return this.held.wired;
  }

  take(options: Taken): void {
    take(this.held, options);
  }

  renewItems(): void {
    const { held } = this;
    held.isInPlace = true;
    held.given = new Map([...held.given].filter(([name]) => name !== 'items'));
    follow(held);
  }

  part(name: string, ...args: string[]): Attributes {
    // Its attributes are what is made of it, wherever it is asked for in this way.
    return partAs(this.held, name, args, asTheyAre) as Attributes;
  }

  partAs(name: string, args: readonly string[], make: (attributes: Attributes) => unknown): unknown {
    return partAs(this.held, name, args, make);
  }

  attach(root: HTMLElement): () => void {
    return attach(this.held, root);
  }

  read(name: string): unknown {
    return read(this.held, name);
  }

  write(name: string, value: unknown): void {
    const { held } = this;
    if (held.wired) cellOf(held, name)?.set?.(value);
    else held.calls.push(() => cellOf(held, name)?.set?.(value));
  }

  call(method: string, args: unknown[]): unknown {
    return call(this.held, method, args);
  }
}

/** An instance of `bindable` whose root will have the id `id`. `heard` is told the name of what has changed. */
export const bound = (bindable: Bindable, id: string, heard: (name: string) => void): Bound =>
  new Instance(bindable, id, heard);
