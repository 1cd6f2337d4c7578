// Telling: what hears of a change that has happened, and in which order.
import { deliver } from '../core/cell.js';
import { tell } from '../core/report.js';
import { obey } from './owners.js';
import type { ChangeRun, Run } from './run.js';
import type { ChangeOf } from './types.js';

/** The page shows it, then cells and listeners hear of it, then the service settles: each change, in that order. */
export function tellAll<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  change: ChangeRun,
  changes: ChangeOf<S>[],
  isSettled: boolean | undefined,
): void {
  const { root, stores, options } = run;
  const hearers = [
    (each: ChangeOf<S>) => run.service?.show?.(each),
    // A change names a state of S.
    (each: ChangeOf<S>) => {
      const isOwned = run.owned.has(each.name);
      // An owner that was asked knows already, and so does one whose own word it was.
      if (isOwned && (!isSettled || each.reason === 'owner')) return;
      const answer = stores.get(each.name)?.set(run.state[each.name as keyof S], each);
      // The platform has done it already. Its owner may not have it so, and his word is law.
      if (isOwned && each.reason === 'native')
        void Promise.resolve(answer).then(() => obey(run, change, each.name));
    },
    (each: ChangeOf<S>) => options.onChange?.(each),
    (each: ChangeOf<S>) => tell('change', root, each),
    (each: ChangeOf<S>) => run.service?.settle?.(each),
  ];
  const whileWired = hearers.map((hear) => (each: ChangeOf<S>) => {
    if (!run.isOver) hear(each);
  });
  deliver(changes.map((each) => () => deliver(whileWired, each)));
}
