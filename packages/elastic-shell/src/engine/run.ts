// A contract that runs on an element, and all it holds.
import type { Speaker } from '../announce/speaker.js';
import type { Cell } from '../core/cell.js';
import { isSameValue } from '../core/change.js';
import type { Contract, View, Writable } from '../core/contract/contract.js';
import type { AttributeWriter, Sheet } from './attribute-writer.js';
import type { Service } from './service.js';
import type { Cause, Change, ChangeOf, CommonOptions } from './types.js';

/** A contract that runs, and all it holds. */
export interface Run<S extends object, O, I extends string> {
  root: HTMLElement;
  contract: Contract<S, O, I>;
  options: O & CommonOptions<S>;
  view: Writable<View<O>>;
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
  /** What announces that it waits, or why it was refused, once there is something to say; and the words that were said last. */
  speaker?: Speaker;
  words?: string;
  stores: Map<string, Cell<unknown>>;
  /** The states that have an owner, who is asked with each change. */
  owned: Set<string>;
  /** Requests that wait for the end of this turn. Undefined between turns. */
  held: (() => void)[] | undefined;
  /** The number of turns that have followed from one another. */
  chain: number;
  /** What owners were asked and have not answered. */
  asked: readonly Asked<S>[];
  /** The changes of the current turn, in order. Undefined between turns. */
  told: Told<S>[] | undefined;
  /** True if the page may differ from the state. */
  isDirty: boolean;
  /** True while attributes are being written. */
  isWriting: boolean;
  /** True once wiring is complete. Earlier changes aren't reported to listeners. */
  isReady: boolean;
  /** Changes the state to `next` if guard and owners allow. `isFact`: it has happened already, so they aren't asked. */
  change(next: Partial<S>, cause: Cause, isFact?: boolean): void;
  writer: AttributeWriter;
  sheet: Sheet;
  releases: (() => void)[];
  isOver: boolean;
  /** True for one microtask after unwiring. A guard that unwires as its last action answers in this time. */
  isJustOver: boolean;
}

/** A change that owners were asked about and have not all taken. */
export interface Asked<S extends object> {
  /** The part of it that has owners. */
  readonly own: readonly ChangeOf<S>[];
  /** Its owners are being called: they are read when all have been. */
  isCalling: boolean;
  /** Other requests wait for its end. */
  isHoldingUp: boolean;
  /** It has been reported as refused, and may still come. */
  isRefused: boolean;
  /** The owners are read: the change happens, or counts as refused. */
  finish(error?: unknown): void;
  /** Nobody waits for it any more. */
  drop(): void;
}

/** A change that is to be reported. `isFact`: guard and owners weren't asked. */
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

/** Returns the value of one state. */
export const stateOf = <S extends object, O, I extends string>(
  { state }: Run<S, O, I>,
  name: string,
): S[keyof S] =>
  // Callers have the name from a change or from the state itself.
  state[name as keyof S];

/** Returns whether the state already has the value of `change`. */
export const isMovedOn = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
  { name, value }: ChangeOf<S>,
): boolean => isSameValue(stateOf(run, name), value);

/** Returns whether the state has another value than when `change` was requested. */
export const isMoved = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
  { name, previous }: ChangeOf<S>,
): boolean => !isSameValue(stateOf(run, name), previous);

/** Returns `change` relative to the value `now`. For a set, the keys that it adds and removes are applied to `now`. */
export function rebased<C extends Change>(change: C, now: unknown): C {
  const { value, previous }: { value: unknown; previous: unknown } = change;
  if (isSameValue(now, previous)) return change;
  if (!(now instanceof Set && value instanceof Set && previous instanceof Set))
    return { ...change, previous: now };
  const next = new Set<unknown>([...now].filter((key) => value.has(key) || !previous.has(key)));
  for (const key of value) if (!previous.has(key)) next.add(key);
  return { ...change, value: next, previous: now };
}

/** Returns changes that were approved late, relative to the current state. */
export const onNow = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
): ChangeOf<S>[] => changes.map((each) => rebased(each, stateOf(run, each.name)));
