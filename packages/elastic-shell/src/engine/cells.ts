// The states of a running contract as cells: each follows its owner, and what happened before it was wired stands.
import { type Cell } from '../core/cell.js';
import { changesBetween, isSameValue } from '../core/change.js';
import { tell } from '../core/report.js';
import { isAnswer } from './owners.js';
import { corrected, only, type Run, stateOf } from './run.js';
import { isOwner, joinStore, storeOf } from './store.js';
import type { Cause, Cells } from './types.js';

/** A cell hands on the change that brought its value; only its cause is of interest here. */
const toCause = (cause: Partial<Cause> | object | undefined): Partial<Cause> => {
  const { reason, event, source, result }: Partial<Cause> = cause ?? {};
  return { ...(reason && { reason }), event, source, result };
};

/** The cells of the states: each follows the caller's own cell where an option gives one, else holds its first value. */
export function connect<S extends object, O, I extends string>(run: Run<S, O, I>): Cells<S> {
  const given = new Map<string, unknown>(Object.entries(run.options));
  const cells: Record<string, Cell<unknown>> = {};
  for (const [name, read] of Object.entries(run.state)) {
    const store = storeOf(given.get(name), read);
    run.stores.set(name, store);
    const isOwned = isOwner(given.get(name));
    if (isOwned) run.owned.add(name);
    run.releases.push(
      joinStore(given.get(name)),
      store.subscribe((value, cause) => {
        if (isOwned && isAnswer(run, name)) return;
        run.change(only<S>(name, value), { reason: isOwned ? 'owner' : 'program', ...toCause(cause) }, true);
        // Where it may not be that, the cell hears what it is instead.
        const now = stateOf(run, name);
        if (!run.isOver && !isSameValue(now, value)) store.set(now);
      }),
    );
    // Read last, since it may have changed during the subscription.
    run.state = { ...run.state, ...only<S>(name, store.get()) };
    cells[name] = {
      get: () => stateOf(run, name),
      set: (value) => run.change(only<S>(name, value), { reason: 'program' }),
      subscribe: store.subscribe,
    };
  }
  const right = changesBetween<S, Event, Element>(run.state, corrected(run, {}), { reason: 'program' });
  for (const { name, value } of right) {
    run.state = { ...run.state, [name]: value };
    run.stores.get(name)?.set(value);
  }
  // One for each name of S, holding its values.
  return cells as unknown as Cells<S>;
}

/** What the platform or a user did before this was wired stands, whatever the options say; their owners hear of it. */
export function adopt<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const changes = changesBetween<S, Event, Element>(run.state, run.contract.adopted?.(run.view) ?? {}, {
    reason: 'native',
  });
  if (!changes.length) return;
  for (const { name, value } of changes) run.state = { ...run.state, [name]: value };
  for (const each of changes) run.stores.get(each.name)?.set(each.value, each);
  // Who wires it has no hand on it yet, and a page that waits for its patterns gets it in a later microtask: it is told in the next task.
  setTimeout(() => {
    for (const each of run.isOver ? [] : changes) {
      run.options.onChange?.(each);
      tell('change', run.root, each);
    }
  });
}
