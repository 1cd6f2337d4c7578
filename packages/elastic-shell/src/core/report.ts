// Where the engine says what happened. Nobody listens unless the journal is imported.
import type { Change } from './change.js';
import { pageWide } from './page-record.js';

/** What there is to say, by code, with the values in it. */
export interface Reports extends Steps {
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

/** Steps on the way to a change, which explain it; the journal enters none of them. */
export interface Steps {
  /** A guard is asked about a change, and said again when it has answered. */
  guard: Change;
  /** The owner of a state is asked about a change, and said again when he has answered. */
  owner: Change;
  /** A press has ended while layers were open; `inside`: those that it began or ended in, which it leaves open. */
  press: { event: unknown; inside: readonly unknown[] };
  /** Escape was left to the widget that it was pressed on. */
  'escape-left': { event: unknown };
}

/** Says one thing: its code, what it concerns, and the values in it. */
export type Teller = <C extends keyof Reports>(code: C, subject: unknown, detail: Reports[C]) => void;

/** The journal's function. It is shared by all parts of the library, also those that load later with a copy of this module. */
const hearing = pageWide<{ tell?: Teller | undefined }>('journal', () => ({}));

/** Reports an event to the journal, if it is imported. */
export const tell: Teller = (code, subject, detail) => hearing.tell?.(code, subject, detail);

/** Sets the function that receives reports; `undefined` for none. */
export const setTeller = (next: Teller | undefined): void => {
  hearing.tell = next;
};
