// What is held of one instance in a framework, from before there is a page until after it is unwired.
import type { Attributes } from '../core/contract/contract.js';
import type { Outline } from '../core/outline/outline.js';
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
  states: Map<string, unknown>;
  parts: Map<string, Attributes>;
  /** What is wired while it waits for its first use. Until then its states are what they would be without it. */
  waiting: Wired | undefined;
  /** What was called before it was wired. */
  calls: (() => void)[];
}

/** What is wired, in full: one that waits for its first use is used now. */
export function wiredNow(held: Held): Wired | undefined {
  if (!held.wired && held.waiting) void held.waiting.busy;
  return held.wired;
}

/** One of its states, once it is wired in full. */
export const cellOf = (
  { wired }: Held,
  name: string,
): { get(): unknown; set?(value: unknown): void } | undefined =>
  wired && Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;
