// Wishes: what somebody asks of a running contract has a turn of its own, and waits for the one that is going on.
import { deliver } from '../core/cell.js';
import { described } from './dom.js';
import type { Run } from './run.js';

/** Turns that may follow from one another before it is taken for a mistake. */
const most = 100;

/** Does `act` in a turn of its own: at once, or after the one that is going on. It answers whether its turn goes on after it. */
export function inTurn<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  act: () => boolean | void,
): void {
  if (run.held) return void run.held.push(() => inTurn(run, act));
  run.held = [];
  let isGoingOn: boolean | void = false;
  deliver([() => (isGoingOn = act()), () => isGoingOn || endTurn(run)]);
}

/** The turn is over: what was asked for meanwhile has its own. */
export function endTurn<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { held = [] } = run;
  run.held = undefined;
  if (!held.length) return;
  if (++run.chain > most) {
    run.chain = 0;
    throw new Error(
      `elastic-shell: ${run.contract.name} (on ${described(run.root)}) was asked for a change ${most} times in a row by its own guard or listeners; ask once, or let the guard decide`,
    );
  }
  deliver(held);
  run.chain = 0;
}
