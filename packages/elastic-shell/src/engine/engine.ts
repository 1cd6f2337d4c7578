// The one loop: event → intent → guard → step → semantics → DOM → cells. It runs a contract on an element.
import { type Cell, cell, deliver } from '../core/cell.js';
import { changesBetween } from '../core/change.js';
import type { Contract, View } from '../core/contract/contract.js';
import { ask } from '../core/guard.js';
import { tell } from '../core/report.js';
import { defaults } from './defaults.js';
import { attributeWriter, type Part } from './attribute-writer.js';
import { invokersOf, join } from './invoker-index.js';
import { engines } from './registry.js';
import type { Cause, Change, CommonOptions, Wired } from './types.js';

/** Where the user is and what the user types is nobody's to refuse. */
const isFree = (name: string): boolean => name === 'current' || name === 'query';

/** What a running contract shows to the service that serves it. */
export interface Engine<S extends object = object, O extends object = object> {
  readonly root: HTMLElement;
  /** The options it runs with, defaults included. */
  readonly options: O;
  /** What the contract sees; a service adds to it what it reads of the page. */
  readonly view: View<O>;
  /** The intent of each command; that of a press without one stands under ''. */
  readonly commands: Readonly<Record<string, string>>;
  state(): S;
  /** Has `intent` happen, if the guard allows. */
  intend(intent: string, cause: Cause): void;
  /**
   * Has the state become `next`, if the guard allows; it is not asked where only `current` or `query` changes. `settled`: it has happened already, or must
   * follow from what has; no guard is asked.
   */
  change(next: Partial<S>, cause: Cause, settled?: boolean): void;
  /** Follows what the platform or somebody else did to the markup, with the reason `native`. */
  reread(): void;
  /** Writes what differs between the page and the semantics of the state. */
  render(): void;
}

/** What a pattern asks of the engine beyond attributes. A service knows no pattern. */
export interface Service {
  /** Attributes of parts that only the service knows. */
  parts?(): Iterable<Part>;
  /** An intent has come: what is it about? Here the service adds that to the view. */
  aim?(intent: string, cause: Cause): void;
  /** A new wish is about to be put to the guard. */
  asked?(): void;
  /** The page has to show this change now. */
  show?(change: Change): void;
  /** Everyone has heard of this change. */
  settle?(change: Change): void;
  /** A guard refused, with this error if it had one; true when the user was told of it. */
  refused?(error: unknown): boolean;
  /** Content that was waited for has come. */
  filled?(): void;
  release?(): void;
}

/**
 * Runs `contract` on `root`: the Wired it returns has a cell for each state. Throws a TypeError when
 * `root` is no element or is wired already.
 */
export function wire<S extends object, O extends object>(
  root: HTMLElement,
  contract: Contract<S, string, O>,
  asked?: O & CommonOptions,
  serve?: (engine: Engine<S, O & CommonOptions>) => Service,
): Wired & { [N in keyof S]: Cell<S[N]> } {
  const { name, commands, semantics } = contract;
  if (root?.nodeType !== 1 || engines.has(root))
    throw new TypeError(
      `elastic-shell: ${name} needs an element not wired yet, got ${root?.outerHTML ?? root}`,
    );

  const options = { ...defaults[name], ...asked } as O & CommonOptions & Record<string, unknown>;
  const view: View<O> = { root, options };
  const show = attributeWriter();
  const busy = cell(false);
  const stores: Record<string, Cell<unknown>> = {};
  const releases = [join(root)];
  let service: Service | undefined;
  let waiting: Change | undefined;
  let state = contract.read(view);

  const render = (): void => {
    const parts: Part[] = [[root, semantics.root?.(state, view)], ...(service?.parts?.() ?? [])];
    for (const control of invokersOf(root))
      parts.push([control, semantics.opener?.(state, view, commands[control.getAttribute('command') ?? ''])]);
    if (waiting) parts.push([root, { 'aria-busy': 'true' }]);
    if (waiting?.source) parts.push([waiting.source, { 'aria-disabled': 'true' }]);
    show(parts);
  };

  const wait = (change?: Change): void => {
    waiting = change;
    busy.set(!!change);
    render();
  };

  const change: Engine<S>['change'] = (next, cause, settled) => {
    const changes = changesBetween(state, next, cause);
    const [first] = changes;
    if (!first || !engines.has(root)) return;
    const free = changes.every((each) => isFree(each.name));
    let expected: Change | undefined;
    const decide = (allowed: boolean, error?: unknown): void => {
      if (!free && waiting !== expected && !settled) return;
      if (allowed) for (const each of changes) state = { ...state, [each.name]: each.value };
      if (free) render();
      else wait();
      if (!allowed) {
        tell('refused', root, { ...first, error });
        if (!service?.refused?.(error) && error) reportError(error);
        return;
      }
      const hearers = [
        service?.show,
        (each: Change) => stores[each.name]!.set(state[each.name as keyof S], each),
        options.onChange,
        (each: Change) => tell('change', root, each),
        service?.settle,
      ];
      deliver(changes.map((each) => () => deliver(hearers, each)));
    };
    if (settled || free) return decide(true);
    if (waiting) return tell('busy', root, first);
    service?.asked?.();
    ask(options.guard, first as Change<never>, () => wait((expected = first)), decide);
  };

  const engine: Engine<S, O & CommonOptions> = {
    root,
    options,
    view,
    commands,
    state: () => state,
    intend(intent, cause) {
      service?.aim?.(intent, cause);
      change(contract.step(state, intent, view), cause);
    },
    change,
    reread: () => change(contract.read(view), { reason: 'native' }, true),
    render,
  };
  const wired = {
    root,
    busy,
    unwire() {
      if (!engines.delete(root)) return;
      waiting = {} as Change;
      service?.release?.();
      releases.forEach((release) => release());
      show([]);
    },
  } as unknown as Wired & Record<string, Cell<unknown>>;

  engines.set(root, engine as unknown as Engine);
  try {
    service = serve?.(engine);
    const shown = state;
    for (const key in shown) {
      const given = options[key] as Cell<unknown> | undefined;
      const become = (value: unknown, cause?: Partial<Cause>, settled?: boolean): void =>
        change({ [key]: value } as unknown as Partial<S>, { reason: 'program', ...cause }, settled);
      const store = (stores[key] = given?.subscribe ? given : cell<unknown>(given ?? shown[key]));
      releases.push(store.subscribe((value, cause) => become(value, cause as Cause, true)));
      state = { ...state, [key]: store.get() };
      wired[key] = { get: () => state[key], set: (value) => become(value), subscribe: store.subscribe };
    }
    render();
    changesBetween(shown, state, { reason: 'program' } as Cause).forEach((first) => service?.show?.(first));
  } catch (error) {
    wired.unwire();
    throw error;
  }
  return wired as never;
}
