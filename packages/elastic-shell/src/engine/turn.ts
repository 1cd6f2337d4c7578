// A turn: everything that follows from one request, up to the last notification.  1. The state changes,
// together with everything that follows from the change: typed text has a first match, a selected option
// closes the list. 2. The services show it: a layer opens, a panel expands. 3. The attributes are written
// once. A service that needs them earlier, to measure or to move focus, calls `flush`. 4. Owners, cells and
// listeners are notified of each change, the cause before its consequence. 5. The services settle: focus
// returns. Changes made meanwhile go through steps 2 to 5 of the same turn. A request made during a turn
// waits for the next turn (`wishes.ts`). A fact, such as a layer that was removed from the page, counts at
// once and is reported in its place. If a function throws, the rest still runs, and the first error is thrown
// at the end.
import { deliver } from '../core/cell.js';
import { tell } from '../core/report.js';
import type { Part } from './attribute-writer.js';
import { invokersOf } from './invoker-index.js';
import { obey } from './owners.js';
import { intentOf } from './registry.js';
import { isMovedOn, type Run, stateOf, type Told } from './run.js';
import { isShared } from './store.js';
import { tellShort } from './short.js';
import type { ChangeOf } from './types.js';

/** The maximum number of writes of one flush, in case writing causes further changes. */
const most = 20;

function write<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { root, contract, view, state, service, waiting } = run;
  const { semantics, commands } = contract;
  const parts: Part[] = [[root, semantics.root?.(state, view)], ...(service?.parts?.() ?? [])];
  // A user's function may have unwired the pattern, which restored the markup.
  if (run.isOver) return;
  for (const control of invokersOf(root))
    parts.push([
      control,
      semantics.opener?.(state, view, intentOf(commands, control.getAttribute('command'))),
    ]);
  if (waiting) parts.push([root, { 'aria-busy': 'true' }]);
  if (waiting?.source) parts.push([waiting.source, { 'aria-disabled': 'true' }]);
  run.sheet.show(parts);
}

/** Writes the differences between the page and the state. Does nothing if no change is pending. */
export function flush<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  if (run.isOver || !run.isDirty || run.isWriting) return;
  run.isWriting = true;
  try {
    // A service may cause further changes while its parts are read.
    for (let again = 0; run.isDirty && again < most; again++) {
      run.isDirty = false;
      write(run);
    }
  } finally {
    run.isWriting = false;
  }
}

/** Marks the page as out of date. Writes at once, or at the end of step 2 during a turn. */
export function render<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  run.isDirty = true;
  if (!run.told) flush(run);
}

/** Notifies the owner, the cell and the listeners of one change. */
function tellOf<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  { change: each, isFact }: Told<S>,
): void {
  const { root, stores, options, owned } = run;
  const hearers = [
    () => {
      const isOwned = owned.has(each.name);
      // An owner already knows of a change that it was asked about or made itself.
      if (isOwned && (!isFact || each.reason === 'owner')) return;
      const store = stores.get(each.name);
      // A new element with the same store is still open.
      if (each.reason === 'removed' && isShared(Reflect.get(options, each.name))) return;
      const answer = store?.set(stateOf(run, each.name), each);
      // The platform has changed the state already. If the owner keeps its value, the state goes back.
      const check = (): void => obey(run, each.name);
      if (isOwned && each.reason === 'native') void Promise.resolve(answer).then(check, check);
    },
    () => options.onChange?.(each),
    () => tellShort(options, each),
    () => tell('change', root, each),
  ];
  deliver(hearers.map((hear) => () => run.isOver || hear()));
}

/** Stores changes that happen during wiring, without notifying listeners. */
function takeSilently<S extends object, O, I extends string>(
  { stores }: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
): void {
  for (const each of changes) stores.get(each.name)?.set(each.value, each);
}

/**
 * Applies `changes` and everything that follows from them. During another turn of the same pattern they are shown at once and
 * reported after the changes before them. `isFact`: guard and owners weren't asked.
 */
export function happen<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
  isFact: boolean,
): void {
  const real = changes.filter((each) => !isMovedOn(run, each));
  for (const { name, value } of real) run.state = { ...run.state, [name]: value };
  run.isDirty = true;
  const show = real.map((each) => () => run.isOver || run.service?.show?.(each));
  if (!run.isReady) {
    takeSilently(run, real);
    return deliver(show);
  }
  const added = real.map((each): Told<S> => ({ change: each, isFact }));
  if (run.told) {
    run.told.push(...added);
    return deliver(show);
  }
  const told = (run.told = added);
  let isDone = 0;
  const step = (): void => {
    const now = told.slice(isDone);
    isDone = told.length;
    deliver([
      () => flush(run),
      ...now.map((each) => () => tellOf(run, each)),
      ...now.map(
        ({ change: each }) =>
          () =>
            run.isOver || run.service?.settle?.(each),
      ),
      () => (isDone < told.length || run.isDirty) && !run.isOver && step(),
    ]);
  };
  deliver([() => deliver(show), step, () => void (run.told = undefined)]);
}
