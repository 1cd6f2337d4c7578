// What everything that is either open or closed shares: its step, and the words about its options.

export interface Openable {
  open: boolean;
}

/** Opens, closes or turns over; the same state when it is so already. */
export function stepOpenable<S extends Openable>(state: S, intent: string): S {
  const open = intent === 'toggle' ? !state.open : intent === 'open';
  return open === state.open ? state : { ...state, open };
}

// The notes of options that mean the same wherever something opens. Each is a constant of its own: a
// bundler keeps all notes of an application that reads a property of one.

export const openOption = {
  name: 'open',
  values: 'true, false or a cell',
  default: 'false',
  does: 'The first state, or a cell that is followed both ways.',
};

export const guardOption = {
  name: 'guard',
  values: 'function',
  default: 'none',
  does: 'May refuse a change, or make it wait for a promise.',
};

export const onChangeOption = {
  name: 'onChange',
  values: 'function',
  default: 'none',
  does: 'Hears every change with its reason.',
};

export const contentOption = {
  name: 'content',
  values: 'function, or the selector of a <template>',
  default: 'none',
  does: 'Makes what goes into [data-content], else to the end; may answer with a promise, is given an AbortSignal, and fails with a message and a retry.',
};

export const loadOption = {
  name: 'loadOn, keepContent',
  values: 'open, hover, idle; true, false',
  default: 'open; true',
  does: 'When such content is asked for, and whether it stays after closing.',
};
