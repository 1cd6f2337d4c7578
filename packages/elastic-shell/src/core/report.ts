// Reports of the engine. They have no effect unless the journal is imported.
import type { Change } from './change.js';
import { pageWide } from './page-record.js';

/** The reports by code, with their values. */
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

/** Steps towards a change, which explain it. The journal doesn't record them. */
export interface Steps {
  /** A guard was called, and again when it has decided. */
  guard: Change;
  /** The owner of a state was asked, and again when it has responded. */
  owner: Change;
  /**
   * A click ended while layers were open. `inside`: the layers that it began or ended in, which stay open.
   */
  press: { event: unknown; inside: readonly unknown[] };
  /** Escape was left to the focused widget. */
  'escape-left': { event: unknown };
}

/** Reports an event: its code, the element, and its values. */
export type Teller = <C extends keyof Reports>(code: C, subject: unknown, detail: Reports[C]) => void;

/**
 * The function of the journal. All parts of the library share it, including those that load later with a copy
 * of this module.
 */
const hearing = pageWide<{ tell?: Teller | undefined }>('journal', () => ({}));

/** Reports an event to the journal, if it is imported. */
export const tell: Teller = (code, subject, detail) => hearing.tell?.(code, subject, detail);

/** Sets the function that receives reports; `undefined` for none. */
export const setTeller = (next: Teller | undefined): void => {
  hearing.tell = next;
};
