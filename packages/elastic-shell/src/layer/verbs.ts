// What a program calls on anything that opens.
import type { Openable } from '../core/contract/openable.js';
import type { Cells } from '../engine/types.js';

/** The verbs of what opens. */
export interface OpenVerbs {
  /** Opens it, if the guard allows. */
  show(): void;
  /** Closes it, if the guard allows. */
  close(): void;
  /** Opens it when it is closed, closes it when it is open, if the guard allows. */
  toggle(): void;
}

/** The verbs of what has the state `open`. */
export const openVerbs = ({ open }: Cells<Openable>): OpenVerbs => ({
  show: () => open.set(true),
  close: () => open.set(false),
  toggle: () => open.set(!open.get()),
});
