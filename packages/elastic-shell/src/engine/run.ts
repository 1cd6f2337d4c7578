// A contract that runs on an element, and all it holds.
import type { Cell } from '../core/cell.js';
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
  /** Wishes that wait until the owners have answered; undefined while none is asked. */
  held: (() => void)[] | undefined;
  writer: AttributeWriter;
  sheet: Sheet;
  releases: (() => void)[];
  isOver: boolean;
}

/** What changes the state of a run: the one way in which it happens. */
export type ChangeRun = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
  wish: Partial<S>,
  cause: Cause,
  settled?: boolean,
) => void;

/** A state of one name alone. */
export const only = <S>(name: string, value: unknown): Partial<S> =>
  // The name is one of S, and the value came from its own cell.
  ({ [name]: value }) as Partial<S>;

/** What becomes of `next` under the rules that hold whoever asks: a set that may hold one key holds one. */
export const corrected = <S extends object, O, I extends string>(
  { contract, state, view }: Run<S, O, I>,
  next: Partial<S>,
): Partial<S> => contract.correct?.({ ...state, ...next }, view, state) ?? next;
