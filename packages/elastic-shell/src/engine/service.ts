// What a running contract offers to the services that serve it, and what those offer to it.
import type { View, Writable } from '../core/contract/contract.js';
import type { Part, Sheet } from './attribute-writer.js';
import type { Cause, ChangeOf } from './types.js';

/** A running contract, as its services see it. `S` has its states, `O` its options, `I` its intents. */
export interface Engine<S extends object = object, O = object, I extends string = string> {
  readonly root: HTMLElement;
  /** The options it runs with, defaults included. */
  readonly options: O;
  /** What the contract sees; a service adds to it what it reads of the page. */
  readonly view: Writable<View<O>>;
  /** The intent of each command; that of a press without one stands under ''. */
  readonly commands: Readonly<Record<string, I>>;
  state(): S;
  /** Has `intent` happen, if the guard allows; `at` is the key of the item it is about. */
  intend(intent: I, cause: Cause, at?: string): void;
  /**
   * Has the state become `next`, if the guard allows; it is not asked where only free states change. `settled`: it has
   * happened already, or must follow from what has; no guard is asked.
   */
  change(next: Partial<S>, cause: Cause, settled?: boolean): void;
  /** Has the state become `next`, as a reset of its form puts it back; what has an owner stays as the owner holds it. */
  reset(next: Partial<S>): void;
  /** Whether owners of states are making up their minds: what shows is not what was wished last. */
  isAsking(): boolean;
  /** Follows what the platform or somebody else did to the markup, with the reason `native`. */
  reread(): void;
  /** Brings the attributes up to date: at once, or before listeners are notified during a turn. */
  render(): void;
  /** Brings the attributes up to date now, before something is measured or gets focus. */
  flush(): void;
  /** Nodes came or went inside the root: where parts that a service holds are gone, it is served anew. */
  inside(): void;
  /** A sheet of its own for a service that knows which of its elements changed: it patches that, and others stay. */
  sheet(): Sheet;
}

/** What a pattern asks of the engine beyond attributes. A service knows no pattern. `S` has the states it hears of. */
export interface Service<S> {
  /** Attributes of parts that only the service knows. */
  parts?(): Iterable<Part>;
  /** An intent has come without a key: which item is it about? */
  aim?(intent: string, cause: Cause): string | undefined;
  /**
   * Returns a test for later: whether the items that this change is about still exist.
   *
   * @defaultValue they do
   */
  follow?(change: ChangeOf<S>): (() => boolean) | undefined;
  /** A new wish is about to be put to the guard. */
  asked?(): void;
  /**
   * Returns the states that the page shows now and only the platform knows, such as what is in the top layer.
   *
   * @defaultValue none
   */
  read?(): Partial<S>;
  /** It is wired, and its attributes stand: what is open from the first is to be shown. */
  start?(): void;
  /** The page has to show this change now. */
  show?(change: ChangeOf<S>): void;
  /** Everyone has heard of this change. */
  settle?(change: ChangeOf<S>): void;
  /** A guard refused, with this error if it had one; true when the user was told of it. */
  refused?(error: unknown): boolean;
  /** Content has come; `isSoon`: before anyone was told to wait for it. */
  filled?(isSoon: boolean): void;
  /** Whether the parts that it holds are still there; where not, it is released and asked for again. Default: true. */
  stands?(): boolean;
  /** Nodes came or went inside the root, and the parts that it holds are still there. */
  inside?(): void;
  /** These options are others now. */
  update?(names: ReadonlySet<string>): void;
  /** Whether it may be made anew now: not while it shows something above the page. Default: true. */
  isAtRest?(): boolean;
  /** Attributes that somebody else had written over stand again. */
  restored?(): void;
  release?(): void;
}
