// The registry: which pattern runs each element, and which element a control names.
import type { ItemsView } from '../core/contract/contract.js';
import type { OptionKinds } from '../core/contract/options.js';
import { elementNamed } from './dom.js';
import type { Cause, Wired } from './types.js';

/** A running contract, for code that only reads it. */
export interface Seen {
  readonly root: HTMLElement;
  readonly contract: {
    readonly name: string;
    readonly options?: OptionKinds;
    readonly says?: Readonly<Record<string, string>>;
    readonly commands: Readonly<Record<string, string>>;
    step(state: object, intent: string, view: ItemsView): object;
  };
  /** The options it runs with. `givenTo` returns those that were given to this instance. */
  readonly options: object;
  readonly view: ItemsView & { readonly labelOf?: (key: string) => string };
  readonly state: object;
  /** The states that an owner controls. */
  readonly owned: ReadonlySet<string>;
  /** The change that a guard is deciding about. */
  readonly waiting: object | undefined;
  /** The pending requests to owners. */
  readonly asked: readonly { readonly isRefused: boolean }[];
  /** It waits for a part that it needs. */
  readonly isIncomplete: boolean;
}

/** Returns whether an owner hasn't responded. One that counts as refusing isn't awaited. */
export const isAsking = ({ asked }: Pick<Seen, 'asked'>): boolean =>
  asked.some(({ isRefused }) => !isRefused);

/** A running contract, as controls and the platform use it. */
export interface Running {
  readonly run: Seen;
  readonly commands: Readonly<Record<string, string>>;
  intend(intent: string, cause: Cause): void;
  reread(): void;
  render(): void;
  /** Nodes were added or removed inside its root. */
  inside(): void;
}

/** Every wired root and its running pattern. */
export const engines = new WeakMap<Node, Running>();

/** Every wired root and the handle that its wire function returned. */
const results = new WeakMap<Node, Wired>();

/** Stores the handle that a wire function returns, so that `wiredOf` finds it. */
export const keepWired = <W extends Wired>(wired: W): W => {
  results.set(wired.root, wired);
  return wired;
};

/** For the handle of an instance that isn't wired in full yet: calls `heard` once it is. */
export const waits = new WeakMap<object, (heard: () => void) => void>();

/**
 * Returns the handle of a wired element, or undefined for any other element.
 *
 * @param element - The root of a pattern.
 * @returns What its wire function returned.
 */
export const wiredOf = (element: Element): Wired | undefined =>
  engines.has(element) ? results.get(element) : undefined;

/** Returns the running pattern of `element` for reading, or undefined if it isn't wired. */
export const wiredRun = (element: Node): Seen | undefined => engines.get(element)?.run;

/**
 * Returns the meaning of a command for a pattern. Names that every object has, such as `constructor`, have
 * none.
 */
export const intentOf = <I extends string>(
  commands: Readonly<Record<string, I>>,
  command: string | null,
): I | undefined => (Object.hasOwn(commands, command ?? '') ? commands[command ?? ''] : undefined);

/** The selector of controls that name an element. */
export const naming = '[commandfor],[aria-controls]';

/** Returns the id that a control names: commandfor first, because the platform follows that. */
export const namedBy = (control: Element): string | null =>
  control.getAttribute('commandfor') ?? control.getAttribute('aria-controls');

/** Returns the running pattern of an element, or undefined. */
export const engineOf = (node: Node | null | undefined): Running | undefined =>
  node ? engines.get(node) : undefined;

/** Returns the running pattern of the element with `id` in the tree of `node`. */
export const engineNamed = (node: Node, id: string | null): Running | undefined =>
  engineOf(elementNamed(node, id));
