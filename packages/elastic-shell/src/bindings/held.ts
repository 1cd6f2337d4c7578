// The data of one instance in a component, and its states: those of the engine while it is wired, or else
// those of its owner, its options or the outline of the pattern.
import type { Outline } from '../core/outline/outline.js';
import { asState } from '../engine/attributes.js';
import { described, isCell } from '../engine/dom.js';
import { tellError } from '../engine/report-error.js';
import { storeOf } from '../engine/store.js';
import type { Wired } from '../engine/types.js';
import type { OptionsHeld } from './engine-options.js';

/** A pattern as a binding takes it. */
export interface Bindable<Out = AnyOutline> {
  /** The attributes of its parts before wiring. */
  outline: Out;
  /**
   * Wires a root. It checks the options itself.
   *
   * @param root - The root.
   * @param options - The options by name.
   * @returns The wired pattern.
   */
  wire(root: HTMLElement, options?: never): Wired;
  /** The names of its methods. */
  methods: readonly string[];
}

/** An outline of which only the names are known. */
export type AnyOutline = Outline<never, never>;

/** The data of a bound instance. */
export interface Held extends OptionsHeld {
  bindable: Bindable;
  id: string;
  heard: (name: string) => void;
  /** The states when it was last wired, or before it is. */
  states: ReadonlyMap<string, unknown>;
  /** The results for parts, by name and arguments. */
  parts: Map<string, unknown>;
  /**
   * It waits for its first use. Until then its states are those without it, and reading any other member of
   * `wired` is a use.
   */
  isWaiting: boolean;
  /** The calls before it was wired. */
  calls: (() => void)[];
}

/** Stores a state that has no other owner. */
export function keepState(held: Held, name: string, value: unknown): void {
  held.states = new Map(held.states).set(name, value);
}

/** Returns the state `name` of the wired pattern. */
export const cellOf = (
  { wired }: Held,
  name: string,
): { get(): unknown; set?(value: unknown): void } | undefined =>
  wired && Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;

/** Returns a set of keys, if the state is one and the option gives another kind of list. */
const stateOf = (first: unknown, value: unknown): unknown =>
  asState(typeof value === 'object' && value !== null ? new Set() : first, value);

/** Returns the current state `name`. */
export function read(held: Held, name: string): unknown {
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

/**
 * Reports an id that was written after the parts, because openers and labels then refer to a different one.
 */
export function checkId({ bindable, id }: Held, root: HTMLElement): void {
  if (root.id !== id)
    tellError(
      new TypeError(
        `elastic-shell: ${described(root)} is the root of a ${bindable.outline.name} whose other parts use the id "${id}"; set the id with the option { id: '${root.id}' } instead`,
      ),
    );
}
