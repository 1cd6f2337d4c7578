// The one loop: event → intent → guard → step → semantics → DOM → cells. It runs a contract on an element.
//
// An intent becomes the next state (the contract's step); what differs from the state before is a list of changes.
// The guard is asked about the first of them, and may answer later: until then the pattern is busy. Once it is allowed,
// the state is stored, the services show it, cells and listeners hear of it, and the services settle, in that order.
import { type Cell, cell, deliver } from '../core/cell.js';
import { changesBetween } from '../core/change.js';
import type { Contract, View } from '../core/contract/contract.js';
import { ask } from '../core/guard.js';
import { tell } from '../core/report.js';
import { type AttributeWriter, attributeWriter, type Part, type Sheet } from './attribute-writer.js';
import { described, isCell, isElement } from './dom.js';
import { invokersOf, joinIndex } from './invoker-index.js';
import { engines } from './registry.js';
import type { Engine, Service } from './service.js';
import type { Cause, Cells, ChangeOf, CommonOptions, Wired } from './types.js';

export type { Engine, Service } from './service.js';

/** A contract that runs, and all it holds. */
interface Run<S extends object, O, I extends string> {
  root: HTMLElement;
  contract: Contract<S, O, I>;
  options: O & CommonOptions<S>;
  view: View<O>;
  state: S;
  service: Service<S> | undefined;
  /** The change that a guard is making up its mind about. */
  waiting: ChangeOf<S> | undefined;
  busy: Cell<boolean>;
  stores: Map<string, Cell<unknown>>;
  writer: AttributeWriter;
  sheet: Sheet;
  releases: (() => void)[];
  isOver: boolean;
}

/** A state of one name alone. */
const only = <S>(name: string, value: unknown): Partial<S> =>
  // The name is one of S, and the value came from its own cell.
  ({ [name]: value }) as Partial<S>;

function render<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  const { root, contract, view, state, service, waiting } = run;
  if (run.isOver) return;
  const { semantics, commands } = contract;
  const parts: Part[] = [[root, semantics.root?.(state, view)], ...(service?.parts?.() ?? [])];
  for (const control of invokersOf(root))
    parts.push([control, semantics.opener?.(state, view, commands[control.getAttribute('command') ?? ''])]);
  if (waiting) parts.push([root, { 'aria-busy': 'true' }]);
  if (waiting?.source) parts.push([waiting.source, { 'aria-disabled': 'true' }]);
  run.sheet.show(parts);
}

/** Waits for a guard, or waits no more. */
function wait<S extends object, O, I extends string>(run: Run<S, O, I>, change?: ChangeOf<S>): void {
  run.waiting = change;
  run.busy.set(!!change);
  render(run);
}

/** The page shows it, then cells and listeners hear of it, then the service settles: each change, in that order. */
function tellAll<S extends object, O, I extends string>(run: Run<S, O, I>, changes: ChangeOf<S>[]): void {
  const { root, service, stores, options } = run;
  const hearers = [
    service?.show,
    // A change names a state of S.
    (each: ChangeOf<S>) => stores.get(each.name)?.set(run.state[each.name as keyof S], each),
    options.onChange,
    (each: ChangeOf<S>) => tell('change', root, each),
    service?.settle,
  ];
  deliver(changes.map((each) => () => deliver(hearers, each)));
}

function change<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  next: Partial<S>,
  cause: Cause,
  settled?: boolean,
): void {
  const { root, contract, options } = run;
  const changes = changesBetween(run.state, next, cause);
  const [first] = changes;
  if (!first || run.isOver) return;
  const free = contract.free ?? [];
  const isFree = changes.every(({ name }) => free.some((other) => other === name));
  let expected: ChangeOf<S> | undefined;
  const decide = (allowed: boolean, error?: unknown): void => {
    if (run.isOver || (!isFree && run.waiting !== expected && !settled)) return;
    if (allowed) for (const { name, value } of changes) run.state = { ...run.state, [name]: value };
    if (isFree) render(run);
    else wait(run);
    if (allowed) return tellAll(run, changes);
    tell('refused', root, { ...first, error });
    if (!run.service?.refused?.(error) && error) reportError(error);
  };
  if (settled || isFree) return decide(true);
  if (run.waiting) return tell('busy', root, first);
  run.service?.asked?.();
  ask(options.guard, first, () => wait(run, (expected = first)), decide);
}

function intend<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  intent: I,
  cause: Cause,
  at?: string,
): void {
  if (run.isOver) return;
  const { contract, view, service } = run;
  // What an intent is about holds for one step.
  view.at = at ?? service?.aim?.(intent, cause);
  const next = contract.step(run.state, intent, view);
  view.at = undefined;
  change(run, next, cause);
}

const engineOf = <S extends object, O, I extends string>(
  run: Run<S, O, I>,
): Engine<S, O & CommonOptions<S>, I> => ({
  root: run.root,
  options: run.options,
  // The same object; only its options are known to hold more.
  view: run.view as View<O & CommonOptions<S>>,
  commands: run.contract.commands,
  state: () => run.state,
  intend: (intent, cause, at) => intend(run, intent, cause, at),
  change: (next, cause, settled) => change(run, next, cause, settled),
  reread: () => change(run, run.contract.read(run.view), { reason: 'native' }, true),
  render: () => render(run),
  sheet: () => run.writer.sheet(),
});

/** The cells of the states: each follows the caller's own cell where an option gives one, else holds its first value. */
function connect<S extends object, O, I extends string>(run: Run<S, O, I>): Cells<S> {
  const options = new Map<string, unknown>(Object.entries(run.options));
  const cells: Record<string, Cell<unknown>> = {};
  for (const [name, read] of Object.entries(run.state)) {
    const given = options.get(name);
    const store = isCell(given) ? given : cell(given === undefined ? read : given);
    run.stores.set(name, store);
    run.releases.push(
      store.subscribe((value, cause) =>
        change(run, only<S>(name, value), { reason: 'program', ...toCause(cause) }, true),
      ),
    );
    run.state = { ...run.state, ...only<S>(name, store.get()) };
    cells[name] = {
      // One of the names of S.
      get: () => run.state[name as keyof S],
      set: (value) => change(run, only<S>(name, value), { reason: 'program' }),
      subscribe: store.subscribe,
    };
  }
  // One for each name of S, holding its values.
  return cells as unknown as Cells<S>;
}

/** A cell hands on the change that brought its value; only its cause is of interest here. */
const toCause = (cause: Partial<Cause> | object | undefined): Partial<Cause> => {
  const { reason, event, source, result }: Partial<Cause> = cause ?? {};
  return { ...(reason && { reason }), event, source, result };
};

function unwire<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  if (run.isOver) return;
  run.isOver = true;
  engines.delete(run.root);
  run.service?.release?.();
  run.releases.forEach((release) => release());
  run.writer.restore();
}

const refuseRoot = (name: string, root: unknown): void => {
  if (isElement(root) && !engines.has(root)) return;
  throw new TypeError(`elastic-shell: ${name} needs an element not wired yet, got ${described(root)}`);
};

/**
 * Runs `contract` on `root`: the Wired it returns has a cell for each state. `serve` gives the service that does what
 * attributes alone do not. Options are taken as they are: `optionsOf` adds the defaults of the pattern and checks them.
 * Throws a TypeError when `root` is no element or is wired already.
 */
export function wire<S extends object, O extends object, I extends string>(
  root: HTMLElement,
  contract: Contract<S, O, I>,
  options: O & CommonOptions<S>,
  serve?: (engine: Engine<S, O & CommonOptions<S>, I>) => Service<S>,
): Wired & Cells<S> {
  refuseRoot(contract.name, root);
  const view: View<O> = { root, options, items: [] };
  const writer = attributeWriter();
  const run: Run<S, O, I> = {
    root,
    contract,
    options,
    view,
    state: contract.read(view),
    service: undefined,
    waiting: undefined,
    busy: cell(false),
    stores: new Map(),
    writer,
    sheet: writer.sheet(),
    releases: [joinIndex(root)],
    isOver: false,
  };
  const engine = engineOf(run);
  engines.set(root, engine);
  try {
    const read = run.state;
    run.service = serve?.(engine);
    const cells = connect(run);
    render(run);
    const cause: Cause = { reason: 'program' };
    for (const first of changesBetween(read, run.state, cause)) run.service?.show?.(first);
    return { root, busy: run.busy, unwire: () => unwire(run), ...cells };
  } catch (error) {
    unwire(run);
    throw error;
  }
}
