// One element's life: what was given to it as properties and attributes, what it is wired as, and what it waits for.
//
// A property counts whenever it is set: before the definition is loaded, before the element stands in the page, or later.
// What is said last holds, by attribute or by property; both at first, the property. What is inside decides when it is wired:
// parsed and streamed markup connects before its children are there, and what is inside may be replaced later.
import type { OptionKind, OptionKinds } from '../core/contract/options.js';
import { isPromise } from '../core/promise.js';
import {
  asState,
  type attributesOf,
  flags,
  isState,
  saidBy,
  unknownOptions,
  waitAttribute,
} from './attributes.js';
import { isCell } from './dom.js';
import type { ElementForm, MakeForm } from './element-form.js';
import type { GuardDetail } from './element-types.js';
import { storeOf } from './store.js';
import type { Change, Wired } from './types.js';

/** How an element finds what it wires, and what its attributes mean. */
export interface ElementRules {
  /** The selector of the root inside the element; `:scope` for the element itself. */
  root: string;
  /** What the options take: all are properties; those that a text can say are attributes too, in kebab-case. */
  options: OptionKinds;
  /** Selectors of what has to be in it before it is wired. Default: none. */
  needs?: readonly string[];
  /** The methods of what is wired: the methods of the element. Called before it is wired, they are called then. Default: none. */
  methods?: readonly string[];
  /** What else of what is wired can be read as a property: cells that nobody sets. Default: none, besides `busy`. */
  reads?: readonly string[];
  /** How it takes part in forms. Default: it doesn't. */
  form?: MakeForm;
  /** The properties of options whose names every element has for something else. Default: none. */
  renamed?: Readonly<Record<string, string>>;
}

/** What all elements of one name share. */
export interface ElementPlan extends ElementRules {
  wire: (root: HTMLElement, options: Record<string, unknown>) => Wired;
  /** The options by the names of the attributes that say them. */
  attributes: ReturnType<typeof attributesOf>;
}

/** What is held of one element. */
export interface ElementRun {
  host: HTMLElement;
  plan: ElementPlan;
  wired: Wired | undefined;
  /** What was given as properties, and states as they were when it was last wired. */
  given: Map<string, unknown>;
  /** Attributes that stood there when the element was defined, and that a property overrides: the platform tells of each once. */
  passed: Set<string>;
  /** Methods that were called before it was wired. */
  calls: (() => void)[];
  watch: MutationObserver;
  /** Its part in a form. */
  form: ElementForm | undefined;
}

/** What is told as an event, by the option that hears it: `onChange` as `shell-change`. */
export const eventOf = (option: string): string | undefined =>
  /^on[A-Z]/.test(option) ? `shell-${option.slice(2).toLowerCase()}` : undefined;

const tell = (host: HTMLElement, event: string, detail: unknown, cancelable = false): boolean =>
  host.dispatchEvent(new CustomEvent(event, { bubbles: true, cancelable, detail }));

/** Asks the guard that was given as a property, and whoever hears of `shell-guard`: one refusal is enough. */
function askAll(run: ElementRun, change: Change): unknown {
  // Whoever uses a disabled one is refused; a program is not.
  if (run.form?.isDisabled && change.event) return false;
  const waits: PromiseLike<unknown>[] = [];
  const guard = optionOf(run, 'guard');
  const own: unknown = typeof guard === 'function' ? guard(change) : true;
  if (own === false) return false;
  const detail: GuardDetail = { change, wait: (promise) => void waits.push(promise) };
  if (!tell(run.host, 'shell-guard', detail, true)) return false;
  if (isPromise(own)) waits.push(own);
  return !waits.length || Promise.all(waits).then((answers) => !answers.includes(false));
}

/** One of the cells of what is wired. */
export const cellIn = ({ wired }: ElementRun, name: string) => {
  const cell: unknown = wired && Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;
  return isCell(cell) ? cell : undefined;
};

const kindOf = ({ plan }: ElementRun, option: string): OptionKind => plan.options[option] ?? [];

/** What was given for an option, else what the attributes say. */
const optionOf = (run: ElementRun, option: string): unknown =>
  run.given.get(option) ?? saidBy(run.host, option, kindOf(run, option));

/** An option or a state, as it is. */
export function read(run: ElementRun, option: string): unknown {
  const cell = cellIn(run, option);
  if (cell) return cell.get();
  const value = optionOf(run, option);
  const kind = kindOf(run, option);
  if (isState(kind) && isCell(value)) return storeOf(value, undefined).get();
  return value ?? (flags.includes(kind) ? false : undefined);
}

/** What is wired becomes as an option says now; a state as `value` says. */
function follow(run: ElementRun, option: string, value: unknown): void {
  const cell = cellIn(run, option);
  // The guard is looked up when it counts.
  if (option === 'guard') return;
  if (!cell) return run.wired?.update({ [option]: optionOf(run, option) });
  // A cell is followed from when it is wired: what is wired says so.
  if (isCell(value)) return run.wired?.update({ [option]: value });
  const now: unknown = cell.get();
  const kind = kindOf(run, option);
  const state = flags.includes(kind) ? !!value : (value ?? (kind === 'a text or a cell' ? '' : undefined));
  // Nothing said is no set of keys.
  if (state !== undefined || !(now instanceof Set)) cell.set(asState(now, state));
}

/** An option or a state is given as a property. */
export function write(run: ElementRun, option: string, value: unknown): void {
  run.given.set(option, value);
  if (run.wired) follow(run, option, value);
}

/** An option was given as a property before the element was defined: it counts more than the attribute that stands there. */
export function upgrade(run: ElementRun, option: string, value: unknown): void {
  run.given.set(option, value);
  for (const [attribute, [name]] of run.plan.attributes)
    if (name === option && run.host.hasAttribute(attribute)) run.passed.add(attribute);
}

/** An attribute has come, gone or changed, or was set to what it is. */
export function attributeChanged(run: ElementRun, attribute: string, text: string | null): void {
  const [option, kind] = run.plan.attributes.get(attribute) ?? [];
  if (!option || !kind || run.passed.delete(attribute)) return;
  run.given.delete(option);
  // A state stays as it is when its attribute goes, but for what an attribute says by being there.
  if (run.wired && (text !== null || !isState(kind) || flags.includes(kind)))
    follow(run, option, optionOf(run, option));
  if (attribute === 'name') run.form?.refresh();
}

/** Calls a method, now or when it is wired. */
export function call(run: ElementRun, method: string, args: unknown[]): unknown {
  const act: unknown = run.wired && Reflect.get(run.wired, method);
  if (typeof act === 'function') return act(...args);
  return new Promise((resolve) => run.calls.push(() => resolve(call(run, method, args))));
}

function rootIn({ host, plan }: ElementRun): HTMLElement | null {
  if (plan.root !== ':scope') return host.querySelector<HTMLElement>(plan.root);
  // The element itself is there before what it holds.
  return host.childNodes.length ? host : null;
}

function wire(run: ElementRun): void {
  const { host, plan, watch } = run;
  const root = rootIn(run);
  if (!root || run.wired || plan.needs?.some((part) => !host.querySelector(part))) return;
  const wait = host.closest(`[${waitAttribute}]`);
  if (wait) return watch.observe(wait, { attributeFilter: [waitAttribute] });
  const options: Record<string, unknown> = unknownOptions(host, plan.options);
  for (const option of Object.keys(plan.options)) {
    const event = eventOf(option);
    const value = event ? (detail: unknown) => tell(host, event, detail) : optionOf(run, option);
    if (value !== undefined) options[option] = value;
  }
  options['guard'] = (change: Change) => askAll(run, change);
  run.form?.wiring(root);
  run.wired = plan.wire(root, options);
  run.form?.wired(run.wired);
  for (const late of run.calls.splice(0)) late();
}

function unwire(run: ElementRun): void {
  const { wired, given } = run;
  // It may be wired again, and then in the state in which it is.
  for (const [option, kind] of Object.entries(run.plan.options)) {
    const cell = isState(kind) && !isCell(given.get(option)) ? cellIn(run, option) : undefined;
    if (cell) given.set(option, cell.get());
  }
  run.wired = undefined;
  run.form?.ended();
  wired?.unwire();
}

/** The element stands in the page: it is wired as soon as what it needs stands in it. */
export function connect(run: ElementRun): void {
  wire(run);
  run.watch.observe(run.host, { childList: true, subtree: true });
}

/** The element has left the page, unless it is back by the end of the task. */
export function disconnect(run: ElementRun): void {
  queueMicrotask(() => {
    if (run.host.isConnected) return;
    run.watch.disconnect();
    unwire(run);
  });
}

/** What is held of an element that was just made. */
export function elementRun(host: HTMLElement, plan: ElementPlan): ElementRun {
  const run: ElementRun = {
    host,
    plan,
    wired: undefined,
    given: new Map(),
    passed: new Set(),
    calls: [],
    form: plan.form?.(host),
    // Something inside has come or gone: another root is wired, in the state of the one that it replaces.
    watch: new MutationObserver(() => {
      const { wired } = run;
      if (wired && wired.root !== host && !host.contains(wired.root)) unwire(run);
      wire(run);
    }),
  };
  return run;
}
