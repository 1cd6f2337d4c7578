// Owners: code that holds a state for the pattern. An owner is given each new value, and what it holds afterwards is what happens.
//
// An owner that knows at once is read at once. One that returns a promise is read when that resolves; until then the pattern stays as
// it was, and further requests wait. Either all owners of a change have taken their value, or none keeps it: if one has kept its old
// value it has refused, and the others get theirs back.
//
// A framework can't tell a refusal from a commit that is still to come (a transition, a router). Its promise resolves to `undecided`:
// the change then stays open without holding up other requests, until the owner holds another value, another request for the same state
// takes its place, or a second has passed. Then it is reported as refused; if the owner takes the very value after all, it happens.
import { deliver } from '../core/cell.js';
import { isSameValue } from '../core/change.js';
import { isPromise } from '../core/promise.js';
import { tell } from '../core/report.js';
import { isAsking } from './registry.js';
import { tellError } from './report-error.js';
import { type Asked, isMoved, only, rebased, type Run, stateOf } from './run.js';
import type { ChangeOf } from './types.js';
import { endTurn, inTurn } from './wishes.js';

/** What the promise of an owner resolves to if the owner may take the value later still. */
export const undecided = Symbol('undecided');

/** Milliseconds after which an owner that has not answered is reported, and one that is undecided counts as refusing. */
const patience = 1000;

/** Milliseconds after which one that counts as refusing is not waited for any more: a router may have loaded a page until then. */
const forgotten = 10_000;

/** Calls a function of the owner's. One that throws has refused; its error is reported. */
function attempt<T>(act: () => T): T | undefined {
  try {
    return act();
  } catch (error) {
    tellError(error);
    return undefined;
  }
}

const held = <S extends object, O, I extends string>({ stores }: Run<S, O, I>, name: string): unknown =>
  stores.get(name)?.get();

/** Returns whether every owner holds another value than before it was asked. */
const haveTaken = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
  own: readonly ChangeOf<S>[],
): boolean => !own.some(({ name, previous }) => isSameValue(held(run, name), previous));

/** What the owners have made of a change, in the order of the changes; undefined if one has refused. */
function answered<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
): ChangeOf<S>[] | undefined {
  const { stores, owned } = run;
  const own = changes.filter(({ name }) => owned.has(name));
  if (haveTaken(run, own))
    // An owner may have taken another value than it was given: that one is what happens.
    return changes.map(
      (each) => (owned.has(each.name) ? { ...each, value: held(run, each.name) } : each) as ChangeOf<S>,
    );
  for (const each of own) {
    const value: unknown = held(run, each.name);
    if (!isSameValue(value, each.previous))
      stores.get(each.name)?.set(each.previous, { ...each, value: each.previous, previous: value });
  }
  return undefined;
}

/** Returns `changes` with the keys that were asked for before and have not been answered. Those requests are dropped. */
function afterOthers<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
): ChangeOf<S>[] {
  let now = [...changes];
  for (const asked of run.asked) {
    const before = new Map(asked.own.map((each) => [each.name, each]));
    if (!now.some(({ name }) => before.has(name))) continue;
    asked.drop();
    if (asked.isRefused) continue;
    now = now.map((each) => {
      const { value } = before.get(each.name) ?? {};
      // Keys that are added or taken away; of a single value, the last request counts.
      return value instanceof Set ? { ...rebased(each, value), previous: each.previous } : each;
    });
  }
  return now;
}

/**
 * Asks the owners of what would change. `done` is called with what they have taken, or with nothing if one has refused, and the error
 * if its promise was rejected: at once, or when all have answered. Returns true if the turn goes on until then.
 */
export function askOwners<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  wished: ChangeOf<S>[],
  done: (taken: ChangeOf<S>[] | undefined, error?: unknown) => void,
): boolean {
  const isOwn = ({ name }: ChangeOf<S>): boolean => run.owned.has(name);
  if (!wished.some(isOwn)) {
    done(wished);
    return false;
  }
  const changes = afterOthers(run, wished);
  const own = changes.filter(isOwn);
  // There is one, as was seen above.
  const first = own[0]!;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const asked: Asked<S> = {
    own,
    isCalling: true,
    isHoldingUp: true,
    isRefused: false,
    finish(error) {
      asked.drop();
      tell('owner', run.root, first);
      const { isHoldingUp } = asked;
      // What has moved on in the meantime stays, unless it belongs to an owner, who is read again.
      const still = isHoldingUp ? changes : changes.filter((each) => isOwn(each) || !isMoved(run, each));
      const finish = (): void =>
        done(
          attempt(() => answered(run, still)),
          error,
        );
      if (isHoldingUp) deliver([finish, () => endTurn(run)]);
      else inTurn(run, finish);
    },
    drop() {
      clearTimeout(timer);
      run.asked = run.asked.filter((each) => each !== asked);
    },
  };
  tell('owner', run.root, first);
  run.asked = [...run.asked, asked];
  const answers = own.map((each) => attempt(() => run.stores.get(each.name)?.set(each.value, each)));
  asked.isCalling = false;
  const late = answers.filter((answer) => isPromise(answer));
  if (!late.length) {
    asked.drop();
    tell('owner', run.root, first);
    done(attempt(() => answered(run, changes)));
    return false;
  }
  timer = setTimeout(() => tell('owner-silent', run.root, first), patience);
  void Promise.allSettled(late).then((ends) => {
    // Unwired, or another request has taken its place.
    if (!run.asked.includes(asked)) return;
    const failed = ends.find((end) => end.status === 'rejected');
    const isOpen = !failed && ends.some((end) => end.status === 'fulfilled' && end.value === undecided);
    if (!isOpen || attempt(() => haveTaken(run, own)) !== false) return asked.finish(failed?.reason);
    asked.isHoldingUp = false;
    clearTimeout(timer);
    timer = setTimeout(() => {
      asked.isRefused = true;
      timer = setTimeout(asked.drop, forgotten);
      inTurn(run, () => done(attempt(() => answered(run, changes))));
    }, patience);
    endTurn(run);
  });
  return true;
}

/** An owner holds another value. Returns true if it was asked about that state; the change happens if all owners have now taken it. */
export function isAnswer<S extends object, O, I extends string>(run: Run<S, O, I>, name: string): boolean {
  const asked = run.asked.find(({ own }) => own.some((each) => each.name === name));
  if (!asked) return false;
  if (asked.isRefused && asked.own.some((each) => !isSameValue(held(run, each.name), each.value)))
    return false;
  if (!asked.isCalling && haveTaken(run, asked.own)) asked.finish();
  return true;
}

/** Gives the state the value that its owner holds, if the owner has not followed what the platform did. */
export function obey<S extends object, O, I extends string>(run: Run<S, O, I>, name: string): void {
  const value = held(run, name);
  if (run.isOver || isAsking(run) || isSameValue(value, stateOf(run, name))) return;
  run.change(only<S>(name, value), { reason: 'owner' }, true);
}
