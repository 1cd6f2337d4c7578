// Upkeep: what a running contract does when somebody else writes its attributes or replaces its inside.
import type { Rewrite } from './attribute-writer.js';
import { described } from './dom.js';
import { checkOptions } from './options.js';
import { type ChangeRun, only, type Run } from './run.js';
import { isStore } from './store.js';

/** Follows what the markup shows, of these states alone. */
export function reread<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  change: ChangeRun,
  names?: ReadonlySet<string>,
): void {
  if (run.isOver) return;
  const read = run.contract.read(run.view);
  const told = Object.entries(read).filter(([name]) => !names || names.has(name));
  // Names and values of S, as they were read.
  change(run, Object.fromEntries(told) as Partial<S>, { reason: 'native' }, true);
}

/** Somebody has written over what the engine wrote: what the markup can say is followed, all else is written again. */
export function rewritten<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  change: ChangeRun,
  rewrites: Rewrite[],
): void {
  if (run.isOver) return;
  const { says = {} } = run.contract;
  const names = rewrites.flatMap(({ name }) => (Object.hasOwn(says, name) && says[name] ? [says[name]] : []));
  if (names.length && run.options.rewrites !== 'restore') reread(run, change, new Set(names));
  run.writer.again(rewrites.map(({ element }) => element));
  run.service?.restored?.();
}

/** Nodes came or went inside: where parts that it held are gone, it is served anew, with its state as it is. */
export function inside<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  render: (run: Run<S, O, I>) => void,
): void {
  const { service, serve, isIncomplete } = run;
  if (run.isOver || !serve) return;
  if (!isIncomplete && service?.stands?.() !== false) return service?.inside?.();
  remake(run, render);
}

/** Has it served anew, in the state in which it is. */
function remake<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  render: (run: Run<S, O, I>) => void,
): void {
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
export function refresh<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  render: (run: Run<S, O, I>) => void,
): void {
  if (!run.isOver && run.isStale && run.service?.isAtRest?.() !== false) remake(run, render);
}

/** A set of keys as the state holds it. */
const asState = (now: unknown, value: unknown): unknown => {
  if (!(now instanceof Set) || value instanceof Set) return value;
  if (typeof value === 'string') return new Set(value.split(/\s+/).filter(Boolean));
  // What a set of keys is given as: its kind was checked.
  return new Set(value as Iterable<string>);
};

/** Takes one option of an update; true when it is another now. */
function take<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  change: ChangeRun,
  name: string,
  value: unknown,
): boolean {
  // The one object that everybody looks at; what is put into it was checked.
  const options: Record<string, unknown> = Object.assign(run.options);
  if (Object.is(options[name], value)) return false;
  if (!run.stores.has(name)) {
    options[name] = value;
    return true;
  }
  if (isStore(value))
    throw new TypeError(
      `elastic-shell: ${run.contract.name} follows the cell of ${name} that it was wired with (on ${described(run.root)}); set that, or wire it again`,
    );
  // The name is one of S.
  if (value !== undefined)
    change(run, only<S>(name, asState(run.state[name as keyof S], value)), { reason: 'owner' }, true);
  return false;
}

/** What services look at each time, or follow by `update`. */
const isFollowed = (value: unknown): boolean =>
  typeof value === 'function' || (typeof value === 'object' && value !== null);

/** Other options from now on: what is looked at when it counts is looked at then; what it was made of is made anew. */
export function update<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  change: ChangeRun,
  render: (run: Run<S, O, I>) => void,
  next: object,
): void {
  if (run.isOver) return;
  const { contract, root, options } = run;
  checkOptions(contract.name, next, contract.options, root);
  const before = new Map<string, unknown>(Object.entries(options));
  const changed = new Set<string>();
  for (const [name, value] of Object.entries(next)) if (take(run, change, name, value)) changed.add(name);
  if (!changed.size || run.isOver) return;
  run.service?.update?.(changed);
  const now = new Map<string, unknown>(Object.entries(options));
  // A function in place of a function, and a list in place of a list, are followed as they are.
  const isOther = (name: string): boolean =>
    changed.has(name) && !(isFollowed(now.get(name)) && typeof now.get(name) === typeof before.get(name));
  run.isStale ||= !!contract.fixed?.some(isOther);
  render(run);
  refresh(run, render);
}
