// The step shared by everything that is either open or closed.

export interface Openable {
  open: boolean;
}

/** Opens, closes or turns over; the same state when it is so already. */
export function stepOpenable<S extends Openable>(state: S, intent: string): S {
  const open = intent === 'toggle' ? !state.open : intent === 'open';
  return open === state.open ? state : { ...state, open };
}
