// The cursor of a list: which item is current, and so which one has the tab stop and receives keys.
import type { Cause } from '../engine/types.js';

/** The current item of a list. */
export interface Cursor {
  get(): string | undefined;
  /** Records that the user has moved to an item, or that code has made it current. */
  set(key: string | undefined, cause: Cause): void;
  /** Records that focus has left all items. */
  left(): void;
  /**
   * Makes the current item a state of the pattern. When its item is removed, the neighbour becomes current
   * and gets focus.
   *
   * @param engine - The running pattern.
   * @returns The cursor.
   */
  readonly isState: boolean;
}

/**
 * Makes the current item a state of the pattern. When its item is removed, the neighbour becomes current and gets focus.
 *
 * @param engine - The running pattern.
 * @returns The cursor.
 */
export const stateCursor = (engine: {
  state(): { current: string | undefined };
  change(next: { current: string | undefined }, cause: Cause, settled?: boolean): void;
}): Cursor => ({
  isState: true,
  get: () => engine.state().current,
  set: (current, cause) => engine.change({ current }, cause, true),
  left() {},
});

/**
 * The current item is the one with focus. There is none while focus is elsewhere. `changed` is called on each
 * change.
 */
export function focusCursor(changed: () => void): Cursor {
  let current: string | undefined;
  const become = (key: string | undefined): void => {
    if (key === current) return;
    current = key;
    changed();
  };
  return { isState: false, get: () => current, set: become, left: () => become(undefined) };
}
