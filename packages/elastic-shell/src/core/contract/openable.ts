// What everything that is either open or closed shares: its step, and the words about its options.

/** The state of everything that opens. */
export interface Openable {
  /** Whether it is open. */
  open: boolean;
}

/** What can be asked of it. */
export type OpenIntent = 'open' | 'close' | 'toggle';

/** True for an intent that opens, closes or turns over. */
export const isOpenIntent = (intent: string): intent is OpenIntent =>
  intent === 'open' || intent === 'close' || intent === 'toggle';

/** Opens, closes or turns over; the same state when it is so already. */
export function stepOpenable<S extends Openable>(state: S, intent: OpenIntent): S {
  const open = intent === 'toggle' ? !state.open : intent === 'open';
  return open === state.open ? state : { ...state, open };
}
