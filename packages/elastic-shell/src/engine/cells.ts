// The states of a running contract as cells: each follows its owner, and keeps changes from before it was
// wired.
import { type Cell } from '../core/cell.js';
import { changesBetween, isSameValue } from '../core/change.js';
import { tell } from '../core/report.js';
import { isAnswer } from './owners.js';
import { corrected, only, type Run, stateOf } from './run.js';
import { isOwner, joinStore, storeOf } from './store.js';
import type { Cause, Cells } from './types.js';

/** A cell passes on the change with its value. Only the cause is used here. */
const toCause = (cause: Partial<Cause> | object | undefined): Partial<Cause> => {
  const { reason, event, source, result }: Partial<Cause> = cause ?? {};
  return { ...(reason && { reason }), event, source, result };
};

/** Creates the cells of the states: each follows the cell in the options, or holds its initial value. */
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
        // If the value isn't allowed, the cell gets the actual value.
        const now = stateOf(run, name);
        if (!run.isOver && !isSameValue(now, value)) store.set(now);
      }),
    );
    // Read last, because it may have changed during the subscription.
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
  // One for each name in S, with its values.
  return cells as unknown as Cells<S>;
}

/**
 * Changes that the platform or a user made before wiring are kept, whatever the options specify, and their
 * owners are notified.
 */
export function adopt<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const changes = changesBetween<S, Event, Element>(run.state, run.contract.adopted?.(run.view) ?? {}, {
    reason: 'native',
  });
  if (!changes.length) return;
  for (const { name, value } of changes) run.state = { ...run.state, [name]: value };
  for (const each of changes) run.stores.get(each.name)?.set(each.value, each);
  // The code that wires doesn't have the handle yet, or gets it in a later microtask, so it is notified in
  // the next task.
  setTimeout(() => {
    for (const each of run.isOver ? [] : changes) {
      run.options.onChange?.(each);
      tell('change', run.root, each);
    }
  });
}
