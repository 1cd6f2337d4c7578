// Who runs what, and what a control names.
import type { ItemsView } from '../core/contract/contract.js';
import type { OptionKinds } from '../core/contract/options.js';
import { elementNamed } from './dom.js';
import type { Cause, Wired } from './types.js';

/** A running contract, for whoever only looks on. */
export interface Seen {
  readonly root: HTMLElement;
  readonly contract: {
    readonly name: string;
    readonly options?: OptionKinds;
    readonly says?: Readonly<Record<string, string>>;
    readonly commands: Readonly<Record<string, string>>;
    step(state: object, intent: string, view: ItemsView): object;
  };
  /** The options it runs with; `givenTo` has those of them that are its own. */
  readonly options: object;
  readonly view: ItemsView & { readonly labelOf?: (key: string) => string };
  readonly state: object;
  /** The states that have an owner. */
  readonly owned: ReadonlySet<string>;
  /** The change that a guard is making up its mind about. */
  readonly waiting: object | undefined;
  /** What owners were asked and have not answered. */
  readonly asked: readonly { readonly isRefused: boolean }[];
  /** It waits for a part that it needs. */
  readonly isIncomplete: boolean;
}

/** Returns whether an owner has not answered. One that counts as refusing is not waited for. */
export const isAsking = ({ asked }: Pick<Seen, 'asked'>): boolean =>
  asked.some(({ isRefused }) => !isRefused);

/** A running contract, as controls and the platform speak to it. */
export interface Running {
  readonly run: Seen;
  readonly commands: Readonly<Record<string, string>>;
  intend(intent: string, cause: Cause): void;
  reread(): void;
  render(): void;
  /** Nodes came or went inside its root. */
  inside(): void;
}

/** Every wired root and what runs it. */
export const engines = new WeakMap<Node, Running>();

/** Every wired root and what its wire function returned. */
const results = new WeakMap<Node, Wired>();

/** Keeps what a wire function returns, so that `wiredOf` finds it. */
export const keepWired = <W extends Wired>(wired: W): W => {
  results.set(wired.root, wired);
  return wired;
};

/** For what a wire function returned while it waits for its first use: has `heard` called once it is wired in full. */
export const waits = new WeakMap<object, (heard: () => void) => void>();

/** What the wire function of `element` returned, while it is wired; undefined for any other element. */
export const wiredOf = (element: Element): Wired | undefined =>
  engines.has(element) ? results.get(element) : undefined;

/** What runs `element`, to look at; undefined for what is not wired. */
export const wiredRun = (element: Node): Seen | undefined => engines.get(element)?.run;

/** What a command means to a pattern; nothing for a name that every object has. */
export const intentOf = <I extends string>(
  commands: Readonly<Record<string, I>>,
  command: string | null,
): I | undefined => (Object.hasOwn(commands, command ?? '') ? commands[command ?? ''] : undefined);

/** The selector of controls that name an element. */
export const naming = '[commandfor],[aria-controls]';

/** The id a control names: commandfor first, since that is what the platform acts on. */
export const namedBy = (control: Element): string | null =>
  control.getAttribute('commandfor') ?? control.getAttribute('aria-controls');

/** What runs an element, if anything does. */
export const engineOf = (node: Node | null | undefined): Running | undefined =>
  node ? engines.get(node) : undefined;

/** What runs the element with `id` in the tree of `node`. */
export const engineNamed = (node: Node, id: string | null): Running | undefined =>
  engineOf(elementNamed(node, id));
