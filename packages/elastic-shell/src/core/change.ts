// A change as a value: what changed, from what, why, and by what.
import { sameKeys } from './collection/selection.js';

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
  | 'owner'
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

/** A change as a value: which state, what it becomes, what it was, and why. */
export interface Change<T = unknown, E = unknown, S = unknown, N extends string = string> extends Cause<
  E,
  S
> {
  /** The state's name, such as `open`. */
  name: N;
  value: T;
  previous: T;
}

/** The states of a pattern that nobody knows more of than that each has a name. */
export type AnyState = Record<string, unknown>;

/** A change of any of the states in `State`: a union by name, so that whoever asks for the name knows the value. */
export type ChangeOf<State, E = unknown, C = unknown> = {
  [N in keyof State & string]: Change<State[N], E, C, N>;
}[keyof State & string];

/** Whether two values of a state are the same: sets are, if they hold the same keys. */
export const isSameValue = (one: unknown, other: unknown): boolean =>
  Object.is(one, other) || (one instanceof Set && other instanceof Set && sameKeys(one, other));

/** Lists what differs between two states, as changes, in the order in which `after` names it. */
export const changesBetween = <S extends object, E, C>(
  before: S,
  after: Partial<S>,
  cause: Cause<E, C>,
): ChangeOf<S, E, C>[] => {
  const changes: Change<unknown, E, C>[] = [];
  for (const name in after)
    if (!isSameValue(before[name], after[name]))
      changes.push({ name, value: after[name], previous: before[name], ...cause });
  // Each names a state of S and holds its values: TypeScript cannot follow that through a loop.
  return changes as ChangeOf<S, E, C>[];
};
