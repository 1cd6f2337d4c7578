// The shared parts of every pattern that is either open or closed.

/** The state of patterns that open and close. */
export interface Openable {
  /** Whether it is open. */
  open: boolean;
}

/** The intents. */
export type OpenIntent = 'open' | 'close' | 'toggle';

/** Returns true for an intent that opens, closes or toggles. */
export const isOpenIntent = (intent: string): intent is OpenIntent =>
  intent === 'open' || intent === 'close' || intent === 'toggle';

/**
 * Opens, closes or toggles.
 *
 * @param state - The present state.
 * @param intent - The intent.
 * @returns The next state, or the same object if nothing changes.
 */
export function stepOpenable<S extends Openable>(state: S, intent: OpenIntent): S {
  const open = intent === 'toggle' ? !state.open : intent === 'open';
  return open === state.open ? state : { ...state, open };
}
