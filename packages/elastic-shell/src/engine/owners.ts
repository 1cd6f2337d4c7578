// Owners: code that controls a state. An owner is given each new value, and the value it has afterwards is
// applied. An owner that responds synchronously is read at once. One that returns a promise is read when
// that resolves. Until then the pattern keeps its state, and further requests wait. The owners of a change
// either all accept or all refuse: if one keeps its previous value, it has refused, and the others get theirs
// back. A framework can't distinguish a refusal from a commit that is still to come (a transition, a
// router). Its promise resolves to `undecided`: the change then stays open without blocking other requests
// until the owner has another value, another request for the same state replaces it, or a second has passed.
// Then it is reported as refused. If the owner accepts exactly that value later, the change is still applied.
import { deliver } from '../core/cell.js';
import { isSameValue } from '../core/change.js';
import { isPromise } from '../core/promise.js';
import { tell } from '../core/report.js';
import { isAsking } from './registry.js';
import { tellError } from './report-error.js';
import { type Asked, isMoved, only, rebased, type Run, stateOf } from './run.js';
import type { ChangeOf } from './types.js';
import { endTurn, inTurn } from './wishes.js';

/** The result of an owner's promise if the owner may still accept the value later. */
export const undecided = Symbol('undecided');

/**
 * Milliseconds after which an owner that hasn't responded is reported, and an undecided one counts as
 * refusing.
 */
const patience = 1000;

/**
 * Milliseconds after which an owner that counts as refusing is given up: a router may take that long to load
 * a page.
 */
const forgotten = 10_000;

/** Calls a function of the owner. If it throws, it has refused, and its error is reported. */
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

/** Returns whether every owner has another value than before it was asked. */
const haveTaken = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
  own: readonly ChangeOf<S>[],
): boolean => !own.some(({ name, previous }) => isSameValue(held(run, name), previous));

/** Returns the changes as the owners accepted them, in order, or undefined if one has refused. */
function answered<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
): ChangeOf<S>[] | undefined {
  const { stores, owned } = run;
  const own = changes.filter(({ name }) => owned.has(name));
  if (haveTaken(run, own))
    // An owner may have accepted another value than it was given. That value is applied.
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

/** Returns `changes` with the keys from pending requests for the same state. Those requests are dropped. */
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
      // For a set, added and removed keys are combined. For a single value, the last request counts.
      return value instanceof Set ? { ...rebased(each, value), previous: each.previous } : each;
    });
  }
  return now;
}

/**
 * Asks the owners of the changed states. `done` is called with the values they accepted, or with nothing if
 * one has refused, and the error if its promise was rejected: at once, or when all have responded. Returns
 * true if the turn continues until then.
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
      // States that changed in the meantime keep their value, unless an owner controls them, which is then
      // read again.
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
    // It was unwired, or another request has replaced it.
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

/**
 * An owner has another value. Returns true if it was asked about that state. The change is applied if all
 * owners have accepted now.
 */
export function isAnswer<S extends object, O, I extends string>(run: Run<S, O, I>, name: string): boolean {
  const asked = run.asked.find(({ own }) => own.some((each) => each.name === name));
  if (!asked) return false;
  if (asked.isRefused && asked.own.some((each) => !isSameValue(held(run, each.name), each.value)))
    return false;
  if (!asked.isCalling && haveTaken(run, asked.own)) asked.finish();
  return true;
}

/** Gives the state the value of its owner, if the owner hasn't followed a change by the platform. */
export function obey<S extends object, O, I extends string>(run: Run<S, O, I>, name: string): void {
  const value = held(run, name);
  if (run.isOver || isAsking(run) || isSameValue(value, stateOf(run, name))) return;
  run.change(only<S>(name, value), { reason: 'owner' }, true);
}
