// The cursor of a list: which item is current, and so which one has the tab stop and what keys act on.
import type { Cause } from '../engine/types.js';

/** Which item is current. */
export interface Cursor {
  get(): string | undefined;
  /** The user has gone to an item, or it has been made current. */
  set(key: string | undefined, cause: Cause): void;
  /** Focus has left all items. */
  left(): void;
  /** It is a state of the pattern: when its item goes, it moves on to the neighbour, and takes focus along. */
  readonly isState: boolean;
}

/** What is current is a state of the pattern. */
export const stateCursor = (engine: {
  state(): { current: string | undefined };
  change(next: { current: string | undefined }, cause: Cause, settled?: boolean): void;
}): Cursor => ({
  isState: true,
  get: () => engine.state().current,
  set: (current, cause) => engine.change({ current }, cause, true),
  left() {},
});

/** What is current is what has focus; nothing is while focus is elsewhere. `changed` hears of it. */
export function focusCursor(changed: () => void): Cursor {
  let current: string | undefined;
  const become = (key: string | undefined): void => {
    if (key === current) return;
    current = key;
    changed();
  };
  return { isState: false, get: () => current, set: become, left: () => become(undefined) };
}
