// Requests: each runs in a turn of its own. One that is made during a turn waits until that turn ends.
import { deliver } from '../core/cell.js';
import { described } from './dom.js';
import type { Run } from './run.js';

/** The most turns that may follow from one another. More than that is a loop. */
const most = 100;

/** Runs `act` in a turn of its own: now, or after the current turn. `act` returns true if its turn isn't over when it returns. */
export function inTurn<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  act: () => boolean | void,
): void {
  if (run.held) return void run.held.push(() => inTurn(run, act));
  run.held = [];
  let isGoingOn: boolean | void = false;
  deliver([() => (isGoingOn = act()), () => isGoingOn || endTurn(run)]);
}

/** Ends the turn and runs the requests that were made during it. */
export function endTurn<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { held = [] } = run;
  run.held = undefined;
  if (!held.length) return;
  if (++run.chain > most) {
    run.chain = 0;
    throw new Error(
      `elastic-shell: ${run.contract.name} (on ${described(run.root)}) got ${most} requests in a row from its own guard or listeners; request a change once, or let the guard decide`,
    );
  }
  deliver(held);
  run.chain = 0;
}
