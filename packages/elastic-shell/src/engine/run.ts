// A contract that runs on an element, with all its data.
import type { Speaker } from '../announce/speaker.js';
import type { Cell } from '../core/cell.js';
import { isSameValue } from '../core/change.js';
import type { Contract, View, Writable } from '../core/contract/contract.js';
import type { AttributeWriter, Sheet } from './attribute-writer.js';
import type { Service } from './service.js';
import type { Cause, Change, ChangeOf, CommonOptions } from './types.js';

/** A running contract, with all its data. */
export interface Run<S extends object, O, I extends string> {
  root: HTMLElement;
  contract: Contract<S, O, I>;
  options: O & CommonOptions<S>;
  view: Writable<View<O>>;
  state: S;
  serve: (() => Service<S>) | undefined;
  service: Service<S> | undefined;
  /** Its content was replaced by markup that lacks a part. Its service waits for that part. */
  isIncomplete: boolean;
  /** Options that it is created with have changed while it was open. */
  isStale: boolean;
  /** The change that a guard is deciding about. */
  waiting: ChangeOf<S> | undefined;
  busy: Cell<boolean>;
  /**
   * The announcer of pending and refused changes, which is created on first use, and the text that was
   * announced last.
   */
  speaker?: Speaker;
  words?: string;
  stores: Map<string, Cell<unknown>>;
  /** The states that an owner controls, and which is asked about each change. */
  owned: Set<string>;
  /** Requests that wait for the end of this turn. Undefined between turns. */
  held: (() => void)[] | undefined;
  /** The number of turns that have followed from one another. */
  chain: number;
  /** The pending requests to owners. */
  asked: readonly Asked<S>[];
  /** The changes of the current turn, in order. Undefined between turns. */
  told: Told<S>[] | undefined;
  /** True if the page may differ from the state. */
  isDirty: boolean;
  /** True while attributes are being written. */
  isWriting: boolean;
  /** True once wiring is complete. Earlier changes aren't reported to listeners. */
  isReady: boolean;
  /**
   * Changes the state to `next` if guard and owners allow it. `isFact`: the change has already happened, so
   * they aren't asked.
   */
  change(next: Partial<S>, cause: Cause, isFact?: boolean): void;
  writer: AttributeWriter;
  sheet: Sheet;
  releases: (() => void)[];
  isOver: boolean;
  /** True for one microtask after unwiring. A guard that unwires as its last action resolves in this time. */
  isJustOver: boolean;
}

/** A change that not all owners have accepted or refused yet. */
export interface Asked<S extends object> {
  /** The changes that have owners. */
  readonly own: readonly ChangeOf<S>[];
  /** Its owners are being called. They are read after all of them were called. */
  isCalling: boolean;
  /** Other requests wait until it ends. */
  isHoldingUp: boolean;
  /** It was reported as refused, and may still be accepted. */
  isRefused: boolean;
  /** Reads the owners: the change is applied, or counts as refused. */
  finish(error?: unknown): void;
  /** It is no longer awaited. */
  drop(): void;
}

/** A change to report. `isFact`: guard and owners weren't asked. */
export interface Told<S extends object> {
  change: ChangeOf<S>;
  isFact: boolean;
}

/** A state with one name. */
export const only = <S>(name: string, value: unknown): Partial<S> =>
  // The name is one of S, and the value came from its own cell.
  ({ [name]: value }) as Partial<S>;

/** Applies the rules that hold for every request to `next`: a set that may contain one key contains one. */
export const corrected = <S extends object, O, I extends string>(
  { contract, state, view }: Run<S, O, I>,
  next: Partial<S>,
): Partial<S> => contract.correct?.({ ...state, ...next }, view, state) ?? next;

/** Returns the value of one state. */
export const stateOf = <S extends object, O, I extends string>(
  { state }: Run<S, O, I>,
  name: string,
): S[keyof S] =>
  // Callers get the name from a change or from the state itself.
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
