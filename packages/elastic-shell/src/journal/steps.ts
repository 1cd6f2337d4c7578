// Steps on the way to a change (a guard or an owner is asked, a press is judged), for whoever explains what the journal enters.
import { deliver } from '../core/cell.js';
import type { Change } from '../engine/types.js';

/** One step: its code, what it concerns, its values, and when: milliseconds since the page began. */
export type Step = { subject: unknown; at: number } & (
  | { code: 'guard' | 'owner'; detail: Change }
  | { code: 'press'; detail: { event: Event; inside: readonly unknown[] } }
  | { code: 'escape-left'; detail: { event: Event } }
);

const listeners = new Set<(step: Step) => void>();

/** Hears every step from now on; returns the release. */
export function hearSteps(listener: (step: Step) => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Tells of a step. */
export const tellStep = (step: Step): void => deliver(listeners, step);
