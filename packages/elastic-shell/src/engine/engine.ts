// The one loop: event → intent → step → guard → owners → state → page → cells. It runs a contract on an
// element. The contract's step turns an intent into the next state. The differences from the state before
// are a list of changes. The guard is called about the first of them, and may resolve later: until then the
// pattern is busy. If the guard allows it, the owners of the changed states are asked. What they accept is
// applied in a turn (`turn.ts`). Any function that is called may unwire the pattern. From then on nothing is
// written, even for work in progress.
import { cell, deliver } from '../core/cell.js';
import { changesBetween } from '../core/change.js';
import type { Contract, View, Writable } from '../core/contract/contract.js';
import { commit, decide, giveUp, settleOn, wait } from './asking.js';
import { attributeWriter } from './attribute-writer.js';
import { adopt, connect } from './cells.js';
import { claim, refuseRoot, unclaim } from './claims.js';
import { tellWired } from './early-presses.js';
import { joinIndex } from './invoker-index.js';
import { engines, isAsking, keepWired, type Running } from './registry.js';
import { corrected, type Run } from './run.js';
import type { Engine, Service } from './service.js';
import type { Cause, Cells, ChangeOf, CommonOptions, Wired } from './types.js';
import { flush, render } from './turn.js';
import { inside, reread, rewritten, update } from './upkeep.js';
import { inTurn } from './wishes.js';

export type { Engine, Service } from './service.js';

function change<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  wish: Partial<S>,
  cause: Cause,
  isFact = false,
): void {
  if (run.isOver) return;
  const differing = (): ChangeOf<S>[] => changesBetween(run.state, corrected(run, wish), cause);
  // A fact is reported to owners like any other change, but guard and owners aren't asked.
  if (isFact) {
    const changes = differing();
    const { waiting } = run;
    // The pending change is out of date, unless it adds keys to a set.
    if (waiting && changes.some(({ name, value }) => name === waiting.name && !(value instanceof Set)))
      wait(run);
    if (changes.length) settleOn(run, changes, true);
    return;
  }
  inTurn(run, () => {
    if (run.isOver) return;
    const changes = differing();
    const free = new Set<unknown>(run.contract.free);
    // The guard is called about the first change that isn't the user's own movement, if there is one.
    const asked = changes.find(({ name }) => !free.has(name));
    if (asked) return decide(run, changes, asked);
    if (changes.length) return commit(run, changes);
  });
}

function intend<S extends object, O, I extends string>(
  run: Run<S, O, I>,
  intent: I,
  cause: Cause,
  at?: string,
): void {
  if (run.isOver) return;
  // During a turn, the request is based on the state after it.
  if (run.held) return void run.held.push(() => intend(run, intent, cause, at));
  const { contract, view, service } = run;
  // The item of an intent is known for one step only.
  view.at = at ?? service?.aim?.(intent, cause);
  let next: Partial<S>;
  try {
    next = contract.step(run.state, intent, view);
  } finally {
    view.at = undefined;
  }
  change(run, next, cause);
}

const engineOf = <S extends object, O extends object, I extends string>(
  run: Run<S, O, I>,
): Engine<S, O & CommonOptions<S>, I> & Pick<Running, 'run'> => ({
  run,
  root: run.root,
  options: run.options,
  // It is the same object. Only its options have more members.
  view: run.view as Writable<View<O & CommonOptions<S>>>,
  commands: run.contract.commands,
  state: () => run.state,
  intend: (intent, cause, at) => intend(run, intent, cause, at),
  change: (next, cause, settled) => change(run, next, cause, settled),
  reset(next) {
    if (!Object.keys(next).some((name) => run.owned.has(name))) change(run, next, { reason: 'native' }, true);
    // The platform has reset fields and boxes to their initial values.
    render(run);
  },
  isAsking: () => isAsking(run),
  reread: () => reread(run),
  render: () => render(run),
  flush() {
    run.isDirty = true;
    flush(run);
  },
  inside: () => inside(run),
  sheet: () => run.writer.sheet(),
});

function unwire<S extends object, O, I extends string>(run: Run<S, O, I>): void {
  if (run.isOver) return;
  run.isOver = true;
  // If a guard unwired the pattern as its last action, its answer arrives in the next microtask.
  run.isJustOver = true;
  queueMicrotask(() => queueMicrotask(() => (run.isJustOver = false)));
  engines.delete(run.root);
  unclaim(run.root);
  run.waiting = undefined;
  for (const each of run.asked) each.drop();
  // If one release function throws, the others still run.
  deliver([() => run.service?.release?.(), ...run.releases, run.writer.end, () => run.busy.set(false)]);
}

const runOf = <S extends object, O extends object, I extends string>(
  root: HTMLElement,
  contract: Contract<S, O, I>,
  options: O & CommonOptions<S>,
): Run<S, O, I> => {
  const view: View<O> = { root, options, items: [] };
  const writer = attributeWriter((rewrites) => rewritten(run, rewrites));
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
    change: (next, cause, isFact) => change(run, next, cause, isFact),
    stores: new Map(),
    owned: new Set(),
    held: undefined,
    chain: 0,
    asked: [],
    told: undefined,
    isDirty: false,
    isWriting: false,
    isReady: false,
    writer,
    sheet: writer.sheet(),
    releases: [joinIndex(root)],
    isOver: false,
    isJustOver: false,
  };
  return run;
};

/**
 * Runs `contract` on `root`. `serve` returns the service for everything that attributes alone don't do, and
 * is called again when the content of `root` is replaced. Options are used as they are: `optionsOf` adds the
 * defaults of the pattern and checks them.
 *
 * @param root - The element.
 * @param contract - The contract.
 * @param options - The options, with defaults.
 * @param serve - Returns the service.
 * @returns The wired pattern, with a cell for each state.
 * @throws TypeError if `root` isn't an element or is already wired.
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
  claim(root);
  try {
    const read = run.state;
    if (serve) run.serve = () => serve(engine);
    run.service = run.serve?.();
    const cells = connect(run);
    adopt(run);
    render(run);
    const cause: Cause = { reason: 'program' };
    for (const first of changesBetween(read, run.state, cause)) run.service?.show?.(first);
    run.isReady = true;
    run.service?.start?.();
    flush(run);
    tellWired(root);
    return keepWired({
      root,
      busy: run.busy,
      update: (next: object) => update(run, () => giveUp(run), next),
      unwire: () => unwire(run),
      ...cells,
    });
  } catch (error) {
    unwire(run);
    throw error;
  }
}
