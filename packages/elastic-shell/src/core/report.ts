// Where the engine says what happened. Nobody listens unless the journal is imported.
import type { Change } from './change.js';

/** What there is to say, by code, with the values in it. */
export interface Reports {
  change: Change;
  refused: Change & { error?: unknown; by?: 'guard' | 'owner' };
  busy: Change;
  'owner-silent': Change;
  'layer-inert': { modal: unknown };
  'key-duplicate': { key: string };
  'key-missing': { key: string };
  'key-unknown': { key: string };
  'content-failed': { error: unknown };
  'branch-failed': { key: string; error: unknown };
  'options-failed': { query: string; error: unknown };
  'render-failed': { key: string; error: unknown };
}

/** Says one thing: its code, what it concerns, and the values in it. */
export type Teller = <C extends keyof Reports>(code: C, subject: unknown, detail: Reports[C]) => void;

let teller: Teller | undefined;

/** Says something to the journal, if there is one. */
export const tell: Teller = (code, subject, detail) => teller?.(code, subject, detail);

/** Sets who hears it; `undefined` for nobody. */
export const setTeller = (next: Teller | undefined): void => {
  teller = next;
};
