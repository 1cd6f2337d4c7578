// Upkeep: what a running contract does when somebody else writes its attributes or replaces its inside.
import type { Rewrite } from './attribute-writer.js';
import type { ChangeRun, Run } from './run.js';

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
