// Upkeep: what a running contract does when somebody else writes its attributes or replaces its inside.
import type { Rewrite } from './attribute-writer.js';
import { asState } from './attributes.js';
import { described } from './dom.js';
import { checkOptions } from './options.js';
import { only, type Run, stateOf } from './run.js';
import { isStore } from './store.js';
import { render } from './turn.js';

/** Follows what the markup shows, of these states alone. */
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

/** Somebody has written over what the engine wrote: what the markup can say is followed, all else is written again. */
export function rewritten<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  rewrites: Rewrite[],
): void {
  if (run.isOver) return;
  const { says = {} } = run.contract;
  const names = rewrites.flatMap(({ name }) => (Object.hasOwn(says, name) && says[name] ? [says[name]] : []));
  if (names.length && run.options.externalChanges !== 'revert') reread(run, new Set(names));
  run.writer.again(rewrites.map(({ element }) => element));
  run.service?.restored?.();
}

/** Nodes came or went inside: where parts that it held are gone, it is served anew, with its state as it is. */
export function inside<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { service, serve, isIncomplete } = run;
  if (run.isOver || !serve) return;
  if (!isIncomplete && service?.stands?.() !== false) return service?.inside?.();
  remake(run);
}

/** Has it served anew, in the state in which it is. */
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
    // A part may yet come: what was wrong with the options would have been told when it was wired.
    if (!(error instanceof TypeError)) throw error;
    run.isIncomplete = true;
  }
  render(run);
  run.service?.start?.();
}

/** Made with options that have changed while it was open, it is made anew now that it is not. */
export function refresh<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  if (!run.isOver && run.isStale && run.service?.isAtRest?.() !== false) remake(run);
}

/** A state that an update names becomes that. */
function takeState<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  name: string,
  value: unknown,
): void {
  if (isStore(value))
    throw new TypeError(
      `elastic-shell: ${run.contract.name} follows the cell of ${name} that it was wired with (on ${described(run.root)}); set that, or wire it again`,
    );
  const now = stateOf(run, name);
  if (value !== undefined) run.change(only<S>(name, asState(now, value)), { reason: 'owner' }, true);
}

/** A function in place of a function, and a list in place of a list, are followed as they are. */
const isFollowed = (before: unknown, now: unknown): boolean =>
  typeof before === typeof now && (typeof now === 'function' || (typeof now === 'object' && now !== null));

/** Other options from now on: what is looked at when it counts is looked at then; what it was made of is made anew. */
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
  // Another guard in its place: the one that has not answered is not waited for any more.
  if (guard !== options.guard) giveUp();
  run.service?.update?.(changed);
  // What holds under these options holds at once.
  run.change({}, { reason: 'program' }, true);
  run.isStale ||= isStale;
  render(run);
  refresh(run);
}
