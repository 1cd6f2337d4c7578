// The life cycle of one element: the properties and attributes it was given, its wired pattern, and the parts
// that it waits for. A property can be set at any time: before the definition loads, before the element is
// in the page, or later. The last value counts, whether it was set by attribute or property. If both were set
// from the start, the property wins. The content decides when it is wired: parsed and streamed markup
// connects before its children exist, and the content may be replaced later.
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

/** How an element finds its root, and what its attributes mean. */
export interface ElementRules {
  /** The selector of the root inside the element, or `:scope` for the element itself. */
  root: string;
  /**
   * The kind of value of each option. All options are properties. Those that a text can set are also
   * attributes, in kebab-case.
   */
  options: OptionKinds;
  /**
   * Selectors of parts that must exist before the element is wired.
   *
   * @defaultValue none
   */
  needs?: readonly string[];
  /**
   * The methods of the element, which are methods of the wired pattern. A call before wiring is repeated
   * after it.
   *
   * @defaultValue none
   */
  methods?: readonly string[];
  /**
   * Other members of the wired pattern that become read-only properties: cells that can't be set.
   *
   * @defaultValue none, apart from `busy`
   */
  reads?: readonly string[];
  /**
   * How it takes part in forms.
   *
   * @defaultValue it doesn't
   */
  form?: MakeForm;
  /**
   * Other names for properties of options whose names every element already uses.
   *
   * @defaultValue none
   */
  renamed?: Readonly<Record<string, string>>;
}

/** The values that all elements of one name share. */
export interface ElementPlan extends ElementRules {
  wire: (root: HTMLElement, options: Record<string, unknown>) => Wired;
  /** The options, by the name of the attribute that sets them. */
  attributes: ReturnType<typeof attributesOf>;
}

/** The state of one element. */
export interface ElementRun {
  host: HTMLElement;
  plan: ElementPlan;
  wired: Wired | undefined;
  /** The values of its properties, and the states that it had when it was last wired. */
  given: Map<string, unknown>;
  /**
   * Attributes that were present when the element was defined and that a property overrides. The platform
   * reports each of them once.
   */
  passed: Set<string>;
  /** Methods that were called before it was wired. */
  calls: (() => void)[];
  watch: MutationObserver;
  /** Its form part. */
  form: ElementForm | undefined;
}

/** The events, by the option that they correspond to: `onChange` is `shell-change`. */
export const eventOf = (option: string): string | undefined =>
  /^on[A-Z]/.test(option) ? `shell-${option.slice(2).toLowerCase()}` : undefined;

const tell = (host: HTMLElement, event: string, detail: unknown, cancelable = false): boolean =>
  host.dispatchEvent(new CustomEvent(event, { bubbles: true, cancelable, detail }));

/** Calls the guard that was set as a property, and fires `shell-guard`. One refusal is enough. */
function askAll(run: ElementRun, change: Change): unknown {
  // Changes by users are refused if the element is disabled. Changes by code aren't.
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

/** Returns one of the cells of the wired pattern. */
export const cellIn = ({ wired }: ElementRun, name: string) => {
  const cell: unknown = wired && Object.hasOwn(wired, name) ? Reflect.get(wired, name) : undefined;
  return isCell(cell) ? cell : undefined;
};

const kindOf = ({ plan }: ElementRun, option: string): OptionKind => plan.options[option] ?? [];

/** Returns the value of an option: the property, or the attribute. */
const optionOf = (run: ElementRun, option: string): unknown =>
  run.given.get(option) ?? saidBy(run.host, option, kindOf(run, option));

/** Returns the present value of an option or a state. */
export function read(run: ElementRun, option: string): unknown {
  const cell = cellIn(run, option);
  if (cell) return cell.get();
  const value = optionOf(run, option);
  const kind = kindOf(run, option);
  if (isState(kind) && isCell(value)) return storeOf(value, undefined).get();
  return value ?? (flags.includes(kind) ? false : undefined);
}

/** Applies an option to the wired pattern, and sets a state to `value`. */
function follow(run: ElementRun, option: string, value: unknown): void {
  const cell = cellIn(run, option);
  // The guard is read when it is needed.
  if (option === 'guard') return;
  if (!cell) return run.wired?.update({ [option]: optionOf(run, option) });
  // A cell is followed from the time of wiring.
  if (isCell(value)) return run.wired?.update({ [option]: value });
  const now: unknown = cell.get();
  const kind = kindOf(run, option);
  const state = flags.includes(kind) ? !!value : (value ?? (kind === 'a text or a cell' ? '' : undefined));
  // An empty value isn't a set of keys.
  if (state !== undefined || !(now instanceof Set)) cell.set(asState(now, state));
}

/** Sets an option or a state as a property. */
export function write(run: ElementRun, option: string, value: unknown): void {
  run.given.set(option, value);
  if (run.wired) follow(run, option, value);
}

/** A property that was set before the element was defined overrides the attribute. */
export function upgrade(run: ElementRun, option: string, value: unknown): void {
  run.given.set(option, value);
  for (const [attribute, [name]] of run.plan.attributes)
    if (name === option && run.host.hasAttribute(attribute)) run.passed.add(attribute);
}

/** An attribute was added, removed, changed, or set to the same value. */
export function attributeChanged(run: ElementRun, attribute: string, text: string | null): void {
  const [option, kind] = run.plan.attributes.get(attribute) ?? [];
  if (!option || !kind || run.passed.delete(attribute)) return;
  run.given.delete(option);
  // A state keeps its value when its attribute is removed, unless the attribute's presence is the value.
  if (run.wired && (text !== null || !isState(kind) || flags.includes(kind)))
    follow(run, option, optionOf(run, option));
  if (attribute === 'name') run.form?.refresh();
}

/** Calls a method now, or after wiring. */
export function call(run: ElementRun, method: string, args: unknown[]): unknown {
  const act: unknown = run.wired && Reflect.get(run.wired, method);
  if (typeof act === 'function') return act(...args);
  return new Promise((resolve) => run.calls.push(() => resolve(call(run, method, args))));
}

function rootIn({ host, plan }: ElementRun): HTMLElement | null {
  if (plan.root !== ':scope') return host.querySelector<HTMLElement>(plan.root);
  // The element itself exists before its content.
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
  // It may be wired again, with its present state.
  for (const [option, kind] of Object.entries(run.plan.options)) {
    const cell = isState(kind) && !isCell(given.get(option)) ? cellIn(run, option) : undefined;
    if (cell) given.set(option, cell.get());
  }
  run.wired = undefined;
  run.form?.ended();
  wired?.unwire();
}

/** The element is in the page. It is wired as soon as its parts exist. */
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

/** Creates the state of a new element. */
export function elementRun(host: HTMLElement, plan: ElementPlan): ElementRun {
  const run: ElementRun = {
    host,
    plan,
    wired: undefined,
    given: new Map(),
    passed: new Set(),
    calls: [],
    form: plan.form?.(host),
    // Content was added or removed: another root is wired, with the state of the one that it replaces.
    watch: new MutationObserver(() => {
      const { wired } = run;
      if (wired && wired.root !== host && !host.contains(wired.root)) unwire(run);
      wire(run);
    }),
  };
  return run;
}
