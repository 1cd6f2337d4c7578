// A turn: what one wish brings about, from the first question to the last who hears of it.
//
// A turn has one order. The state becomes what was decided, and all that follows from it at once (what is typed has a first
// match, what is picked closes the list). The page shows it. Then it is written, once, where no service needed it earlier.
// Then owners, cells and listeners hear of each change, the cause before its consequence. Last the services settle: focus
// goes back. What follows from that is shown and told in the same turn.
//
// What anyone asks for meanwhile waits for the next turn; what has happened meanwhile (a fact) counts at once, and is told
// in its place. A function that throws ends nothing: everybody else still hears, and the first error is thrown at the end.
import { deliver } from '../core/cell.js';
import { tell } from '../core/report.js';
import type { Part } from './attribute-writer.js';
import { invokersOf } from './invoker-index.js';
import { obey } from './owners.js';
import { intentOf } from './registry.js';
import { isMovedOn, type Run, type Told } from './run.js';
import { isShared } from './store.js';
import type { ChangeOf } from './types.js';

/** Times that one flush writes, where writing itself brings up more. */
const most = 20;

function write<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { root, contract, view, state, service, waiting } = run;
  const { semantics, commands } = contract;
  const parts: Part[] = [[root, semantics.root?.(state, view)], ...(service?.parts?.() ?? [])];
  // A function of the user's may have unwired it, which has put everything back.
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

/** Writes what differs between the page and the state, if anything may. */
export function flush<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  if (run.isOver || !run.isDirty || run.isWriting) return;
  run.isWriting = true;
  try {
    // What a service notices while it is asked for its parts is written after that.
    for (let again = 0; run.isDirty && again < most; again++) {
      run.isDirty = false;
      write(run);
    }
  } finally {
    run.isWriting = false;
  }
}

/** The page may differ from the state: it is written at once, in a turn when that is told. */
export function render<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  run.isDirty = true;
  if (!run.told) flush(run);
}

/** Cells and listeners hear of a change. */
function tellOf<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  { change: each, isFact }: Told<S>,
): void {
  const { root, stores, options, owned } = run;
  const hearers = [
    () => {
      const isOwned = owned.has(each.name);
      // An owner that was asked knows already, and so does one whose own word it was.
      if (isOwned && (!isFact || each.reason === 'owner')) return;
      const store = stores.get(each.name);
      // What was made anew, and runs with the same store, is not gone.
      if (each.reason === 'removed' && isShared(Reflect.get(options, each.name))) return;
      // A change names a state of S.
      const answer = store?.set(run.state[each.name as keyof S], each);
      // The platform has done it already. Its owner may not have it so, and his word is law.
      if (isOwned && each.reason === 'native')
        void Promise.resolve(answer).then(
          () => obey(run, each.name),
          () => obey(run, each.name),
        );
    },
    () => options.onChange?.(each),
    () => tell('change', root, each),
  ];
  deliver(hearers.map((hear) => () => run.isOver || hear()));
}

/** What its makers are not wired for yet is told to nobody but its stores. */
function takeSilently<S extends object, O, I extends string>(
  { stores }: Run<S, O, I>,
  changes: readonly ChangeOf<S>[],
): void {
  for (const each of changes) stores.get(each.name)?.set(each.value, each);
}

/**
 * Has the state become what `changes` say, and all that follows from it. `isFact`: it has happened already, and nobody was
 * asked. In a turn that is being told they are shown at once and told in their place.
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
