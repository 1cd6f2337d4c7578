// A contract that runs on an element, and all it holds.
import type { Cell } from '../core/cell.js';
import { isSameValue } from '../core/change.js';
import type { Contract, View } from '../core/contract/contract.js';
import type { AttributeWriter, Sheet } from './attribute-writer.js';
import type { Service } from './service.js';
import type { Cause, ChangeOf, CommonOptions } from './types.js';

/** A contract that runs, and all it holds. */
export interface Run<S extends object, O, I extends string> {
  root: HTMLElement;
  contract: Contract<S, O, I>;
  options: O & CommonOptions<S>;
  view: View<O>;
  state: S;
  serve: (() => Service<S>) | undefined;
  service: Service<S> | undefined;
  /** Its inside was replaced by something that lacks a part: what serves it waits for that. */
  isIncomplete: boolean;
  /** Options that it is made with have changed while it was open. */
  isStale: boolean;
  /** The change that a guard is making up its mind about. */
  waiting: ChangeOf<S> | undefined;
  busy: Cell<boolean>;
  stores: Map<string, Cell<unknown>>;
  /** The states that have an owner, who is asked with each change. */
  owned: Set<string>;
  /** Wishes that wait for the end of this turn; undefined between turns. */
  held: (() => void)[] | undefined;
  /** How many turns have followed from one another. */
  chain: number;
  /** The owners of what would change are making up their minds. */
  isAsking: boolean;
  /** What has changed in the turn that is being told now, in order; undefined while none is. */
  told: Told<S>[] | undefined;
  /** The page may differ from the state, and it is being written. */
  isDirty: boolean;
  isWriting: boolean;
  /** Its makers hold it: they hear of what changes from now on. */
  isReady: boolean;
  /** Has the state become `next`, if guard and owners allow. `isFact`: it has happened already, and nobody is asked. */
  change(next: Partial<S>, cause: Cause, isFact?: boolean): void;
  writer: AttributeWriter;
  sheet: Sheet;
  releases: (() => void)[];
  isOver: boolean;
  /** It was unwired in this very step, perhaps by the guard that is answering. */
  isJustOver: boolean;
}

/** A change that has happened, for whoever hears of it. `isFact`: nobody was asked. */
export interface Told<S extends object> {
  change: ChangeOf<S>;
  isFact: boolean;
}

/** A state of one name alone. */
export const only = <S>(name: string, value: unknown): Partial<S> =>
  // The name is one of S, and the value came from its own cell.
  ({ [name]: value }) as Partial<S>;

/** What becomes of `next` under the rules that hold whoever asks: a set that may hold one key holds one. */
export const corrected = <S extends object, O, I extends string>(
  { contract, state, view }: Run<S, O, I>,
  next: Partial<S>,
): Partial<S> => contract.correct?.({ ...state, ...next }, view, state) ?? next;

/** Whether the state is already what a change would make of it. */
export const isMovedOn = <S extends object, O, I extends string>(
  { state }: Run<S, O, I>,
  { name, value }: ChangeOf<S>,
): boolean =>
  // A change names a state of S.
  isSameValue(state[name as keyof S], value);

/** `change`, which was asked about `previous`, as it stands now: of a set, what it adds and takes away. */
const rebased = <S extends object>(change: ChangeOf<S>, now: unknown): ChangeOf<S> => {
  const { value, previous }: { value: unknown; previous: unknown } = change;
  if (isSameValue(now, previous)) return change;
  if (!(now instanceof Set && value instanceof Set && previous instanceof Set))
    return { ...change, previous: now } as ChangeOf<S>;
  const next = new Set<unknown>([...now].filter((key) => value.has(key) || !previous.has(key)));
  for (const key of value) if (!previous.has(key)) next.add(key);
  return { ...change, value: next, previous: now } as ChangeOf<S>;
};

/** Changes that were approved of late, on the state as it is now. */
export const onNow = <S extends object, O, I extends string>(
  { state }: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
): ChangeOf<S>[] =>
  // A change names a state of S.
  changes.map((each) => rebased(each, state[each.name as keyof S]));
