// The base of every binding: one instance of a pattern, from before there is a page until it is wired,
// unwired and wired again. A framework adds its own way to store states, to follow changes and to render.
// Parts are returned as attributes of the initial state, and never change: from then on only the engine
// writes them, and a framework that compares two renderings finds no difference.
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
  /** The pattern. */
  readonly bindable: Bindable;
  /** The hosts of its rows. */
  readonly rows: Hosts;
  /** The hosts of its tokens. */
  readonly tokens: Hosts;
  /** The hosts of its lazy content. */
  readonly content: Hosts<Loaded>;
  /**
   * Returns the wired pattern.
   *
   * @returns The wired pattern, or undefined before it is on the page.
   */
  wired(): Wired | undefined;
  /**
   * Takes new options. Options that differ are passed on to the engine.
   *
   * @param options - The options by name.
   */
  take(options: Taken): void;
  /** Items were changed in place, so the engine gets new copies. */
  renewItems(): void;
  /**
   * Returns the attributes of a part: those of the first call, whatever the state is now.
   *
   * @param name - The name of the part.
   * @param args - The arguments of the part, such as a key.
   * @returns The attributes.
   */
  part(name: string, ...args: string[]): Attributes;
  /**
   * Converts the attributes of a part once. Later calls return the same result.
   *
   * @param name - The name of the part.
   * @param args - The arguments of the part.
   * @param make - Converts the attributes.
   * @returns The result of `make`.
   */
  partAs(name: string, args: readonly string[], make: (attributes: Attributes) => unknown): unknown;
  /**
   * Wires the root, which is on the page.
   *
   * @param root - The root.
   * @returns A function that unwires it.
   */
  attach(root: HTMLElement): () => void;
  /**
   * Returns a state, `busy` or `phase`.
   *
   * @param name - The name of the state.
   * @returns Its current value.
   */
  read(name: string): unknown;
  /**
   * Requests a new value for a state.
   *
   * @param name - The name of the state.
   * @param value - The value.
   */
  write(name: string, value: unknown): void;
  /**
   * Calls a method, now or when the instance is wired.
   *
   * @param method - The name of the method.
   * @param args - Its arguments.
   * @returns The result of the method, or undefined before the instance is wired.
   */
  call(method: string, args: unknown[]): unknown;
}

/** Passes changed options on to the engine. */
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
    // If the first value changes, the new one counts.
    if (!isPort(value) && !Object.is(value, before[name]) && held.states.has(name))
      held.states = new Map([...held.states].filter(([each]) => each !== name));
    if (!isPort(value)) continue;
    // The value is the same. Only the owner has changed.
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

/** Follows every change of its states, until released. */
function hear(held: Held, wired: Wired): () => void {
  const names = [...Object.keys(held.bindable.outline.first), 'busy'];
  const stops = names.map((name) => {
    const cell = Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;
    // Each state is a cell. Subscribing returns the release.
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
  // States without an owner survive from one wiring to the next.
  const kept = [...states].filter(([name, value]) => !ports.has(name) && value !== undefined);
  const options = Object.fromEntries([...held.given, ...kept.filter(([name]) => optional(bindable, name))]);
  // The wire function checks it.
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
  // Runs earlier calls a moment later, because development builds unwire and wire again at once.
  queueMicrotask(() => {
    if (held.wired) for (const call of held.calls.splice(0)) call();
  });
  return () => {
    if (held.wired !== wired) return;
    if (!held.isWaiting)
      for (const name of Object.keys(bindable.outline.first))
        keepState(held, name, cellOf(held, name)?.get());
    stop?.();
    // The owner removed it, which counts as his answer.
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

/** States that an option may set. The current item and the text in a field follow from the others. */
const optional = ({ outline }: Bindable, name: string): boolean =>
  name !== 'current' && name !== 'text' && Object.hasOwn(outline.first, name);

function call(held: Held, method: string, args: unknown[]): unknown {
  const { wired } = held;
  const act: unknown = wired && Reflect.get(wired, method);
  if (typeof act === 'function') return act(...args);
  return new Promise((resolve) => held.calls.push(() => resolve(call(held, method, args))));
}

const asTheyAre = (attributes: Attributes): Attributes => attributes;

/** A class, because a page may have thousands of them, which share its methods. */
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
    // The attributes are converted wherever they are read in this way.
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

/**
 * Creates an instance of a pattern for a component.
 *
 * @param bindable - The pattern.
 * @param id - The id that the root will have.
 * @param heard - Called with the name of each state that has changed.
 * @returns The instance.
 */
export const bound = (bindable: Bindable, id: string, heard: (name: string) => void): Bound =>
  new Instance(bindable, id, heard);
