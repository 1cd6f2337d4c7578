// Asking: a change is put to the guard, then to the owners of the states that would change. Both can answer later. A late
// approval is applied to the state as it is then.
import { deliver } from '../core/cell.js';
import { ask } from '../core/guard.js';
import { tell } from '../core/report.js';
import { failureText } from '../core/text.js';
import { askOwners } from './owners.js';
import { tellError } from './report-error.js';
import { onNow, type Run } from './run.js';
import { say } from './say.js';
import { happen, render } from './turn.js';
import type { ChangeOf, Refusal } from './types.js';
import { refresh } from './upkeep.js';
import { inTurn } from './wishes.js';

/** Starts or ends the wait for a guard. */
export function wait<S extends object, O, I extends string>(run: Run<S, O, I>, change?: ChangeOf<S>): void {
  run.waiting = change;
  run.busy.set(!!change);
  say(run, change?.source?.querySelector('[data-when=busy]')?.textContent ?? '');
  if (change) render(run);
}

/** Reports that a change was refused. */
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
  if (isTold || !error) return;
  say(run, failureText(error));
  tellError(error);
}

/** Asks the owners and applies what they accept. Returns true if an owner will answer later. */
export const commit = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: ChangeOf<S>[],
): boolean =>
  askOwners(run, changes, (taken, error) => {
    const asked = changes.find(({ name }) => run.owned.has(name));
    if (taken && error === undefined) settleOn(run, taken, false);
    else if (asked) refuse(run, asked, 'owner', error);
  });

/** Applies changes that have been decided. */
export function settleOn<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: ChangeOf<S>[],
  isFact: boolean,
): void {
  deliver([() => happen(run, changes, isFact), () => refresh(run)]);
}

/** Reports changes that a guard approved after unwiring the pattern itself. There is no page to show them on. */
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

/** Asks the guard about `first`, one of `changes`, and applies all of them if it approves. Returns true if an owner will answer later. */
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
  let isStillThere: (() => boolean) | undefined;
  const answer = (isAllowed: boolean, error?: unknown): boolean | void => {
    if (run.isOver) return run.isJustOver && isAllowed ? tellAfterwards(run, changes) : undefined;
    if (isLate && run.waiting !== first) return;
    wait(run);
    if (isAllowed && isStillThere?.() !== false) return commit(run, isLate ? onNow(run, changes) : changes);
    refuse(run, first, 'guard', error);
  };
  ask(
    options.guard,
    first,
    () => {
      isLate = true;
      isStillThere = run.service?.follow?.(first);
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

/** Ends the wait for a guard that hasn't answered. This counts as a refusal. */
export function giveUp<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { waiting } = run;
  if (!waiting) return;
  wait(run);
  refuse(run, waiting, 'guard');
}
