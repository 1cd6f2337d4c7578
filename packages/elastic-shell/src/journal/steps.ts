// Steps on the way to a change (a guard or an owner is called, a click ends), for tools that explain the
// entries of the journal.
import { deliver } from '../core/cell.js';
import type { Change } from '../engine/types.js';

/** A step: its code, its element, its values, and its time in milliseconds since the page loaded. */
export type Step = { subject: unknown; at: number } & (
  | { code: 'guard' | 'owner'; detail: Change }
  | { code: 'press'; detail: { event: Event; inside: readonly unknown[] } }
  | { code: 'escape-left'; detail: { event: Event } }
);

const listeners = new Set<(step: Step) => void>();

/** Follows every step from now on. Returns the release. */
export function hearSteps(listener: (step: Step) => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Reports a step. */
export const tellStep = (step: Step): void => deliver(listeners, step);
