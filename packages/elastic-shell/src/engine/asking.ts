// Asking: a change is put to the guard, then to the owners of what would change. Either may answer later, on a state that has
// moved on meanwhile: what they have approved of is applied to that.
import { deliver } from '../core/cell.js';
import { ask } from '../core/guard.js';
import { tell } from '../core/report.js';
import { askOwners } from './owners.js';
import { tellError } from './report-error.js';
import { onNow, type Run } from './run.js';
import { happen, render } from './turn.js';
import type { ChangeOf, Refusal } from './types.js';
import { refresh } from './upkeep.js';
import { inTurn } from './wishes.js';

/** Waits for a guard, or waits no more. */
export function wait<S extends object, O, I extends string>(run: Run<S, O, I>, change?: ChangeOf<S>): void {
  run.waiting = change;
  run.busy.set(!!change);
  if (change) render(run);
}

/** It was refused: nothing changes, and whoever wants to know is told. */
function refuse<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  change: ChangeOf<S>,
  by: Refusal['by'],
  error?: unknown,
): void {
  render(run);
  tell('refused', run.root, { ...change, error, by });
  const isTold = run.service?.refused?.(error);
  run.options.onRefuse?.({ ...change, by, ...(error !== undefined && { error }) });
  if (!isTold && error) tellError(error);
}

/** It happens, as far as the owners of what changes have taken it. True when they have not answered yet. */
export const commit = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: ChangeOf<S>[],
): boolean =>
  askOwners(run, changes, (taken, error) => {
    const asked = changes.find(({ name }) => run.owned.has(name));
    if (taken && error === undefined) settleOn(run, taken, false);
    else if (asked) refuse(run, asked, 'owner', error);
  });

/** These changes have been decided. */
export function settleOn<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: ChangeOf<S>[],
  isFact: boolean,
): void {
  deliver([() => happen(run, changes, isFact), () => refresh(run)]);
}

/** Approved by a guard whose own work has taken the pattern away: there is no page to show it, but whoever holds it hears. */
function tellAfterwards<S extends object, O, I extends string>(
  { stores, options }: Run<S, O, I>,
  changes: ChangeOf<S>[],
): void {
  deliver(
    changes.flatMap((each) => [
      () => void stores.get(each.name)?.set(each.value, each),
      () => options.onChange?.(each),
    ]),
  );
}

/** Asks the guard about `first`, for all that would change. True when an owner has not answered yet. */
export function decide<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: ChangeOf<S>[],
  first: ChangeOf<S>,
): boolean | void {
  const { root, options } = run;
  if (run.waiting) return tell('busy', root, first);
  run.service?.asked?.();
  tell('guard', root, first);
  let isGoingOn: boolean | void = false;
  let isLate = false;
  const answer = (isAllowed: boolean, error?: unknown): boolean | void => {
    if (run.isOver) return run.isJustOver && isAllowed ? tellAfterwards(run, changes) : undefined;
    if (isLate && run.waiting !== first) return;
    wait(run);
    if (isAllowed) return commit(run, isLate ? onNow(run, changes) : changes);
    refuse(run, first, 'guard', error);
  };
  ask(
    options.guard,
    first,
    () => {
      isLate = true;
      if (!run.isOver) wait(run, first);
    },
    (isAllowed, error) => {
      tell('guard', root, first);
      if (isLate && !run.isOver) inTurn(run, () => answer(isAllowed, error));
      else isGoingOn = answer(isAllowed, error);
    },
  );
  return isGoingOn;
}

/** The guard that has not answered is not waited for any more: it has refused. */
export function giveUp<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { waiting } = run;
  if (!waiting) return;
  wait(run);
  refuse(run, waiting, 'guard');
}
