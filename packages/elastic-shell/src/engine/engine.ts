// The one loop: event → intent → guard → step → semantics → DOM → cells. It runs a contract on an element.
//
// An intent becomes the next state (the contract's step); what differs from the state before is a list of changes.
// The guard is asked about the first of them, and may answer later: until then the pattern is busy. Once it is allowed,
// the state is stored, the services show it, cells and listeners hear of it, and the services settle, in that order.
//
// Anyone who is called may unwire it: from then on nothing is written and nobody is told, whatever was under way.
import { cell, deliver } from '../core/cell.js';
import { changesBetween } from '../core/change.js';
import type { Contract, View } from '../core/contract/contract.js';
import { ask } from '../core/guard.js';
import { tell } from '../core/report.js';
import { attributeWriter, type Part } from './attribute-writer.js';
import { adopt, connect } from './cells.js';
import { described, isElement } from './dom.js';
import { tellWired } from './early-presses.js';
import { invokersOf, joinIndex } from './invoker-index.js';
import { askOwners } from './owners.js';
import { engines, intentOf, keepWired, type Running } from './registry.js';
import { tellError } from './report-error.js';
import { corrected, type Run } from './run.js';
import type { Engine, Service } from './service.js';
import type { Cause, Cells, ChangeOf, CommonOptions, Refusal, Wired } from './types.js';
import { tellAll } from './telling.js';
import { inside, refresh, reread, rewritten, update } from './upkeep.js';

export type { Engine, Service } from './service.js';

function render<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { root, contract, view, state, service, waiting } = run;
  if (run.isOver) return;
  const { semantics, commands } = contract;
  const parts: Part[] = [[root, semantics.root?.(state, view)], ...(service?.parts?.() ?? [])];
  for (const control of invokersOf(root))
    parts.push([
      control,
      semantics.opener?.(state, view, intentOf(commands, control.getAttribute('command'))),
    ]);
  if (waiting) parts.push([root, { 'aria-busy': 'true' }]);
  if (waiting?.source) parts.push([waiting.source, { 'aria-disabled': 'true' }]);
  run.sheet.show(parts);
}

/** Waits for a guard, or waits no more. */
function wait<S extends object, O, I extends string>(run: Run<S, O, I>, change?: ChangeOf<S>): void {
  run.waiting = change;
  run.busy.set(!!change);
  if (change) render(run);
}

/** It was refused: nothing changes, and whoever wants to know is told. */
function refuse<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  change: ChangeOf<S>,
  by: Refusal['by'],
  error?: unknown,
): void {
  render(run);
  tell('refused', run.root, { ...change, error, by });
  const isTold = run.service?.refused?.(error);
  run.options.onRefuse?.({ ...change, by, ...(error !== undefined && { error }) });
  if (!isTold && error) tellError(error);
}

/** It happens, as far as the owners of what changes have taken it. */
function commit<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  changes: ChangeOf<S>[],
  settled: boolean | undefined,
): void {
  const store = (taken: ChangeOf<S>[]): void => {
    const real = taken.filter(({ value, previous }) => value !== previous);
    for (const { name, value } of real) run.state = { ...run.state, [name]: value };
    render(run);
    tellAll(run, change, real, settled);
    refresh(run, render);
  };
  // What has happened already is told to its owner like any other change, and nobody is asked.
  if (settled) return store(changes);
  askOwners(run, changes, (taken) => {
    const asked = changes.find(({ name }) => run.owned.has(name));
    if (taken) store(taken);
    else if (asked) refuse(run, asked, 'owner');
  });
}

function change<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  wish: Partial<S>,
  cause: Cause,
  settled?: boolean,
): void {
  if (run.isOver) return;
  if (run.held && !settled) return void run.held.push(() => change(run, wish, cause));
  const { root, contract, options } = run;
  const changes = changesBetween(run.state, corrected(run, wish), cause);
  const free = new Set<unknown>(contract.free);
  // The guard is asked about what is not the user's own movement, where there is such a thing.
  const first = changes.find(({ name }) => !free.has(name)) ?? changes[0];
  if (!first) return;
  const isFree = free.has(first.name);
  let expected: ChangeOf<S> | undefined;
  const decide = (allowed: boolean, error?: unknown): void => {
    if (run.isOver || (!isFree && run.waiting !== expected && !settled)) return;
    if (!isFree) wait(run);
    if (allowed) commit(run, changes, settled);
    else refuse(run, first, 'guard', error);
  };
  if (settled || isFree) return decide(true);
  if (run.waiting) return tell('busy', root, first);
  run.service?.asked?.();
  tell('guard', root, first);
  ask(
    options.guard,
    first,
    () => !run.isOver && wait(run, (expected = first)),
    (allowed, error) => {
      tell('guard', root, first);
      decide(allowed, error);
    },
  );
}

function intend<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  intent: I,
  cause: Cause,
  at?: string,
): void {
  if (run.isOver) return;
  // The owners are being asked about another: this one begins from what they answer.
  if (run.held) return void run.held.push(() => intend(run, intent, cause, at));
  const { contract, view, service } = run;
  // What an intent is about holds for one step.
  view.at = at ?? service?.aim?.(intent, cause);
  const next = contract.step(run.state, intent, view);
  view.at = undefined;
  change(run, next, cause);
}

const engineOf = <S extends object, O extends object, I extends string>(
  run: Run<S, O, I>,
): Engine<S, O & CommonOptions<S>, I> & Pick<Running, 'run'> => ({
  run,
  root: run.root,
  options: run.options,
  // The same object; only its options are known to hold more.
  view: run.view as View<O & CommonOptions<S>>,
  commands: run.contract.commands,
  state: () => run.state,
  intend: (intent, cause, at) => intend(run, intent, cause, at),
  change: (next, cause, settled) => change(run, next, cause, settled),
  isAsking: () => !!run.held,
  reread: () => reread(run, change),
  render: () => render(run),
  inside: () => inside(run, render),
  sheet: () => run.writer.sheet(),
});

function unwire<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  if (run.isOver) return;
  run.isOver = true;
  engines.delete(run.root);
  run.waiting = undefined;
  // One that throws keeps none of the others from letting go.
  deliver([() => run.service?.release?.(), ...run.releases, run.writer.restore, () => run.busy.set(false)]);
}

const refuseRoot = (name: string, root: unknown): void => {
  if (isElement(root) && !engines.has(root)) return;
  throw new TypeError(`elastic-shell: ${name} needs an element not wired yet, got ${described(root)}`);
};

const runOf = <S extends object, O extends object, I extends string>(
  root: HTMLElement,
  contract: Contract<S, O, I>,
  options: O & CommonOptions<S>,
): Run<S, O, I> => {
  const view: View<O> = { root, options, items: [] };
  const writer = attributeWriter((rewrites) => rewritten(run, change, rewrites));
  const run: Run<S, O, I> = {
    root,
    contract,
    options,
    view,
    state: contract.read(view),
    serve: undefined,
    service: undefined,
    isIncomplete: false,
    isStale: false,
    waiting: undefined,
    busy: cell(false),
    stores: new Map(),
    owned: new Set(),
    held: undefined,
    writer,
    sheet: writer.sheet(),
    releases: [joinIndex(root)],
    isOver: false,
  };
  return run;
};

/**
 * Runs `contract` on `root`: the Wired it returns has a cell for each state. `serve` gives the service that does what
 * attributes alone do not; it is called again when the inside of `root` is replaced. Options are taken as they are:
 * `optionsOf` adds the defaults of the pattern and checks them. Throws a TypeError when `root` is no element or is wired
 * already.
 */
export function wire<S extends object, O extends object, I extends string>(
  root: HTMLElement,
  contract: Contract<S, O, I>,
  options: O & CommonOptions<S>,
  serve?: (engine: Engine<S, O & CommonOptions<S>, I>) => Service<S>,
): Wired & Cells<S> {
  refuseRoot(contract.name, root);
  const run = runOf(root, contract, options);
  const engine = engineOf(run);
  engines.set(root, engine);
  try {
    const read = run.state;
    if (serve) run.serve = () => serve(engine);
    run.service = run.serve?.();
    const cells = connect(run, change);
    adopt(run);
    render(run);
    const cause: Cause = { reason: 'program' };
    for (const first of changesBetween(read, run.state, cause)) run.service?.show?.(first);
    run.service?.start?.();
    tellWired(root);
    return keepWired({
      root,
      busy: run.busy,
      update: (next: object) => update(run, change, render, next),
      unwire: () => unwire(run),
      ...cells,
    });
  } catch (error) {
    unwire(run);
    throw error;
  }
}
