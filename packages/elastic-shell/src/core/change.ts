// A change as a value: what changed, from what, why, and by what.

/** Why a state changed. */
export type Reason =
  | 'command'
  | 'press'
  | 'key'
  | 'escape'
  | 'outside'
  | 'focus-left'
  | 'hover'
  | 'parent'
  | 'sibling'
  | 'found'
  | 'viewport'
  | 'timer'
  | 'removed'
  | 'native'
  | 'program';

/** What brought a change about. `E` and `S` are the event and element types of the setting it runs in. */
export interface Cause<E = unknown, S = unknown> {
  reason: Reason;
  /** The event it came from, where there was one. */
  event?: E | undefined;
  /** The control that was used, where there was one. */
  source?: S | null | undefined;
  /** For a layer that closes: the value of the control that closed it; null when it was dismissed. */
  result?: string | null | undefined;
}

export interface Change<T = unknown, E = unknown, S = unknown> extends Cause<E, S> {
  /** The state's name, such as `open`. */
  name: string;
  value: T;
  previous: T;
}

/** Lists what differs between two states, as changes. */
export const changesBetween = <S extends object, E, C>(
  before: S,
  after: Partial<S>,
  cause: Cause<E, C>,
): Change<unknown, E, C>[] =>
  (Object.keys(after) as (keyof S & string)[])
    .filter((name) => before[name] !== after[name])
    .map((name) => ({ name, value: after[name], previous: before[name], ...cause }));
