// Upkeep of a running contract: what happens if other code writes its attributes or replaces its content.
import type { Rewrite } from './attribute-writer.js';
import { asState } from './attributes.js';
import { described } from './dom.js';
import { checkOptions } from './options.js';
import { only, type Run, stateOf } from './run.js';
import { isStore } from './store.js';
import { render } from './turn.js';

/** Updates only these states from the markup. */
export function reread<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  names?: ReadonlySet<string>,
): void {
  if (run.isOver) return;
  const read = { ...run.contract.read(run.view), ...run.service?.read?.() };
  const told = Object.entries(read).filter(([name]) => !names || names.has(name));
  // Names and values of S, as they were read.
  run.change(Object.fromEntries(told) as Partial<S>, { reason: 'native' }, true);
}

/**
 * Other code has overwritten attributes: states that the markup can show are updated, and all others are
 * written again.
 */
export function rewritten<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  rewrites: Rewrite[],
): void {
  if (run.isOver) return;
  const { attributeStates = {} } = run.contract;
  const names = rewrites.flatMap(({ name }) =>
    Object.hasOwn(attributeStates, name) && attributeStates[name] ? [attributeStates[name]] : [],
  );
  if (names.length && run.options.externalChanges !== 'revert') reread(run, new Set(names));
  run.writer.again(rewrites.map(({ element }) => element));
  run.service?.restored?.();
}

/**
 * Nodes were added or removed inside. If parts that it uses were removed, its service is created again with
 * the present state.
 */
export function inside<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { service, serve, isIncomplete } = run;
  if (run.isOver || !serve) return;
  if (!isIncomplete && service?.stands?.() !== false) return service?.inside?.();
  remake(run);
}

/** Creates its service again, with the present state. */
function remake<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { service, serve } = run;
  if (!serve) return;
  run.isStale = false;
  run.service = undefined;
  service?.release?.();
  run.writer.restore();
  try {
    run.service = serve();
    run.isIncomplete = false;
  } catch (error) {
    // A part may still be added. Wrong options would have thrown when it was wired.
    if (!(error instanceof TypeError)) throw error;
    run.isIncomplete = true;
  }
  render(run);
  run.service?.start?.();
}

/** Options that it is created with changed while it was open. Now that it is closed, it is created again. */
export function refresh<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  if (!run.isOver && run.isStale && run.service?.isAtRest?.() !== false) remake(run);
}

/** Sets a state that an update names. */
function takeState<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  name: string,
  value: unknown,
): void {
  if (isStore(value))
    throw new TypeError(
      `elastic-shell: ${run.contract.name} follows the cell that was given for ${name} (on ${described(run.root)}); set the cell, or wire it again`,
    );
  const now = stateOf(run, name);
  if (value !== undefined) run.change(only<S>(name, asState(now, value)), { reason: 'owner' }, true);
}

/** A function that replaces a function, or an array that replaces an array, is used as it is. */
const isFollowed = (before: unknown, now: unknown): boolean =>
  typeof before === typeof now && (typeof now === 'function' || (typeof now === 'object' && now !== null));

/**
 * Changes options. Those that are read when needed are simply replaced. Those that it is created with create
 * it again.
 */
export function update<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  giveUp: () => void,
  next: object,
): void {
  if (run.isOver) return;
  const { contract, root, options } = run;
  checkOptions(contract.name, next, contract.options, root);
  const changed = new Set<string>();
  const { guard } = options;
  let isStale = false;
  for (const [name, value] of Object.entries(next)) {
    const before: unknown = Reflect.get(options, name);
    if (Object.is(before, value)) continue;
    if (run.stores.has(name)) takeState(run, name, value);
    else {
      Reflect.set(options, name, value);
      changed.add(name);
      isStale ||= !!contract.fixed?.includes(name) && !isFollowed(before, value);
    }
  }
  if (!changed.size || run.isOver) return;
  // The guard was replaced, so the pending one is no longer awaited.
  if (guard !== options.guard) giveUp();
  run.service?.update?.(changed);
  // The rules of the new options apply at once.
  run.change({}, { reason: 'program' }, true);
  run.isStale ||= isStale;
  render(run);
  refresh(run);
}
