// The methods of everything that opens.
import type { Openable } from '../core/contract/openable.js';
import type { Cells } from '../engine/types.js';

/** The methods of a pattern that opens. */
export interface OpenMethods {
  /** Opens it, if the guard allows it. */
  show(): void;
  /** Closes it, if the guard allows it. */
  close(): void;
  /** Opens it if it is closed, and closes it if it is open, if the guard allows it. */
  toggle(): void;
}

/** Returns the methods of a pattern with the state `open`. */
export const openMethods = ({ open }: Cells<Openable>): OpenMethods => ({
  show: () => open.set(true),
  close: () => open.set(false),
  toggle: () => open.set(!open.get()),
});
