// What is held of one instance in a component, and its states: those of the engine while it is wired, else what its owner, its options or
// the outline of the pattern say.
import type { Outline } from '../core/outline/outline.js';
import { asState } from '../engine/attributes.js';
import { described, isCell } from '../engine/dom.js';
import { tellError } from '../engine/report-error.js';
import { storeOf } from '../engine/store.js';
import type { Wired } from '../engine/types.js';
import type { OptionsHeld } from './engine-options.js';

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

/** What a bound instance holds. */
export interface Held extends OptionsHeld {
  bindable: Bindable;
  id: string;
  heard: (name: string) => void;
  /** States as they were when it was last wired, or as they are before it is. */
  states: ReadonlyMap<string, unknown>;
  /** What was made of parts, by their name and arguments. */
  parts: Map<string, unknown>;
  /** It waits for its first use. Until then its states are what they would be without it, and any other member of `wired` is a use. */
  isWaiting: boolean;
  /** What was called before it was wired. */
  calls: (() => void)[];
}

/** Keeps what a state is while nobody else holds it. */
export function keepState(held: Held, name: string, value: unknown): void {
  held.states = new Map(held.states).set(name, value);
}

/** The state `name` of the wired pattern. */
export const cellOf = (
  { wired }: Held,
  name: string,
): { get(): unknown; set?(value: unknown): void } | undefined =>
  wired && Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;

/** A set of keys, where the state is one or the option gives another kind of list. */
const stateOf = (first: unknown, value: unknown): unknown =>
  asState(typeof value === 'object' && value !== null ? new Set() : first, value);

/** The state `name` as it is now. */
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

/** Reports an id that was written after the parts: openers and labels name the other one. */
export function checkId({ bindable, id }: Held, root: HTMLElement): void {
  if (root.id !== id)
    tellError(
      new TypeError(
        `elastic-shell: ${described(root)} is the root of a ${bindable.outline.name} whose other parts use the id "${id}"; set the id with the option { id: '${root.id}' } instead`,
      ),
    );
}
