// Owners: whoever holds a state for the pattern is asked with the whole change, and what he holds afterwards is what happens.
//
// Each owner of a state that would change is given its new value. One that knows at once is read at once; one that answers
// with a promise (a framework that has to render first) is read when that has come. Until then the pattern is as it was,
// and further wishes wait. All have taken theirs, or none keeps it: one that has kept its old value has refused, and the
// others are given theirs back.
import { deliver } from '../core/cell.js';
import { isSameValue } from '../core/change.js';
import { isPromise } from '../core/promise.js';
import { tell } from '../core/report.js';
import { tellError } from './report-error.js';
import { only, type Run, stateOf } from './run.js';
import type { ChangeOf } from './types.js';
import { endTurn } from './wishes.js';

/** Milliseconds after which an owner that has not answered is told to the journal. */
const patience = 1000;

/** What a function of the owner's returns. One that throws has refused; its error is reported. */
function attempt<T>(act: () => T): T | undefined {
  try {
    return act();
  } catch (error) {
    tellError(error);
    return undefined;
  }
}

/** What the owners have made of a change, in the order of the changes; nothing where one has refused. */
function answered<S extends object, O, I extends string>(
  { stores, owned }: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
): ChangeOf<S>[] | undefined {
  const own = changes.filter(({ name }) => owned.has(name));
  const now = (name: string): unknown => stores.get(name)?.get();
  if (!own.some(({ name, previous }) => isSameValue(now(name), previous)))
    // An owner may have taken another value than he was given: that one is what happens.
    return changes.map(
      (each) => (owned.has(each.name) ? { ...each, value: now(each.name) } : each) as ChangeOf<S>,
    );
  for (const each of own) {
    const value: unknown = now(each.name);
    if (!isSameValue(value, each.previous))
      stores.get(each.name)?.set(each.previous, { ...each, value: each.previous, previous: value });
  }
  return undefined;
}

/**
 * Asks the owners of what would change. `done` is called with what they have taken, or with nothing where one has
 * refused, and the error where its promise was rejected: at once, or when all have answered. True when the turn goes on until
 * then.
 */
export function askOwners<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: ChangeOf<S>[],
  done: (taken: ChangeOf<S>[] | undefined, error?: unknown) => void,
): boolean {
  const own = changes.filter(({ name }) => run.owned.has(name));
  const [first] = own;
  if (!first) {
    done(changes);
    return false;
  }
  run.isAsking = true;
  tell('owner', run.root, first);
  const answers = own.map((each) => attempt(() => run.stores.get(each.name)?.set(each.value, each)));
  const finish = (error?: unknown): void => {
    run.isAsking = false;
    tell('owner', run.root, first);
    done(
      attempt(() => answered(run, changes)),
      error,
    );
  };
  const late = answers.filter((answer) => isPromise(answer));
  if (!late.length) {
    finish();
    return false;
  }
  const timer = setTimeout(() => tell('owner-silent', run.root, first), patience);
  void Promise.allSettled(late).then((ends) => {
    clearTimeout(timer);
    if (run.isOver) return;
    const failed = ends.find((end) => end.status === 'rejected');
    deliver([() => finish(failed?.reason), () => endTurn(run)]);
  });
  return true;
}

/** Has the state become what its owner holds, where he has not followed what the platform did. */
export function obey<S extends object, O, I extends string>(run: Run<S, O, I>, name: string): void {
  const value = run.stores.get(name)?.get();
  if (run.isOver || run.isAsking || isSameValue(value, stateOf(run, name))) return;
  run.change(only<S>(name, value), { reason: 'owner' }, true);
}
