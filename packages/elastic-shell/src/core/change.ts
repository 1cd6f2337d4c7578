// A change as a value: what changed, from which value, why, and through which control.
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

/** The cause of a change. `E` and `S` are the types of events and elements. */
export interface Cause<E = unknown, S = unknown> {
  /** Why the state changed. */
  reason: Reason;
  /** The event, if there was one. */
  event?: E | undefined;
  /** The control that was used, if there was one. */
  source?: S | null | undefined;
  /** For a layer that closes: the value of the control that closed it, or null if it was dismissed. */
  result?: string | null | undefined;
}

/** A change: the state, its new and previous value, and the reason. */
export interface Change<T = unknown, E = unknown, S = unknown, N extends string = string> extends Cause<
  E,
  S
> {
  /** The state's name, such as `open`. */
  name: N;
  /** The new value. */
  value: T;
  /** The previous value. */
  previous: T;
}

/** States whose names and types aren't known. */
export type AnyState = Record<string, unknown>;

/** A change of any state in `State`: a union, so that checking its name narrows the type of its value. */
export type ChangeOf<State, E = unknown, C = unknown> = {
  [N in keyof State & string]: Change<State[N], E, C, N>;
}[keyof State & string];

/** Returns whether two values of a state are the same. Sets are the same if they contain the same keys. */
export const isSameValue = (one: unknown, other: unknown): boolean =>
  Object.is(one, other) || (one instanceof Set && other instanceof Set && sameKeys(one, other));

/** Returns the differences between two states as changes, in the order of `after`. */
export const changesBetween = <S extends object, E, C>(
  before: S,
  after: Partial<S>,
  cause: Cause<E, C>,
): ChangeOf<S, E, C>[] => {
  const changes: Change<unknown, E, C>[] = [];
  for (const name in after)
    if (!isSameValue(before[name], after[name]))
      changes.push({ name, value: after[name], previous: before[name], ...cause });
  // Each names a state of S and has its values, which TypeScript can't follow through a loop.
  return changes as ChangeOf<S, E, C>[];
};
