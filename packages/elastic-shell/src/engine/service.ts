// The interface between a running contract and its services.
import type { View, Writable } from '../core/contract/contract.js';
import type { Part, Sheet } from './attribute-writer.js';
import type { Cause, ChangeOf } from './types.js';

/** A running contract, as its services see it. `S` are its states, `O` its options, `I` its intents. */
export interface Engine<S extends object = object, O = object, I extends string = string> {
  /** The root of the pattern. */
  readonly root: HTMLElement;
  /** Its options, including defaults. */
  readonly options: O;
  /** The input of the contract. A service adds the values that it reads from the page. */
  readonly view: Writable<View<O>>;
  /** The intent of each command. The key '' is for a click without a command. */
  readonly commands: Readonly<Record<string, I>>;
  /**
   * Returns the current state.
   *
   * @returns The state.
   */
  state(): S;
  /**
   * Requests an intent, if the guard allows it.
   *
   * @param intent - The intent.
   * @param cause - The reason, with event and control.
   * @param at - The key of the item that it is about.
   */
  intend(intent: I, cause: Cause, at?: string): void;
  /**
   * Changes the state, if the guard allows it. The guard isn't called if only free states change.
   *
   * @param next - The states to change.
   * @param cause - The reason, with event and control.
   * @param settled - True if the change has already happened, or must follow from one that has. Then the guard
   * isn't called.
   */
  change(next: Partial<S>, cause: Cause, settled?: boolean): void;
  /**
   * Resets the state, as when its form is reset. Controlled states keep the value of their owner.
   *
   * @param next - The states to change.
   */
  reset(next: Partial<S>): void;
  /**
   * Returns whether owners of states have not responded yet, so that the page doesn't show the latest
   * request.
   *
   * @returns True while an owner is pending.
   */
  isAsking(): boolean;
  /** Follows changes that the platform or other code made to the markup, with the reason `native`. */
  reread(): void;
  /** Updates the attributes: at once, or during a turn before listeners are notified. */
  render(): void;
  /** Updates the attributes now, before measuring or moving focus. */
  flush(): void;
  /**
   * Call it after nodes were added or removed inside the root. If a part that a service uses was removed, the
   * service is created again.
   */
  inside(): void;
  /**
   * Returns a sheet for a service that knows which of its elements changed, so that only those are updated.
   *
   * @returns A new sheet.
   */
  sheet(): Sheet;
}

/**
 * The behaviour of a pattern beyond attributes. A service knows no pattern. `S` are the states whose changes
 * it is called about.
 */
export interface Service<S> {
  /** Returns attributes of parts that only the service knows. */
  parts?(): Iterable<Part>;
  /** Returns the item of an intent that has no key. */
  aim?(intent: string, cause: Cause): string | undefined;
  /**
   * Returns a test for later: whether the items of this change still exist.
   *
   * @defaultValue they do
   */
  follow?(change: ChangeOf<S>): (() => boolean) | undefined;
  /** Called before a new request is passed to the guard. */
  asked?(): void;
  /**
   * Returns the states that the page shows now and only the platform knows, such as what is in the top layer.
   *
   * @defaultValue none
   */
  read?(): Partial<S>;
  /** Called after wiring, when the attributes are written. Shows everything that is initially open. */
  start?(): void;
  /** Called when the page has to show this change. */
  show?(change: ChangeOf<S>): void;
  /** Called after all listeners were notified of this change. */
  settle?(change: ChangeOf<S>): void;
  /**
   * Called after a guard has refused, with its error if there was one. Returns true if the user was informed.
   */
  refused?(error: unknown): boolean;
  /** Called after content has loaded. `isSoon`: before progress was shown. */
  filled?(isSoon: boolean): void;
  /**
   * Returns whether its parts are still in the page. If not, the service is released and created again.
   *
   * @defaultValue true
   */
  stands?(): boolean;
  /** Called after nodes were added or removed inside the root while its parts are still there. */
  inside?(): void;
  /** Called after these options have changed. */
  update?(names: ReadonlySet<string>): void;
  /**
   * Returns whether it can be created again now, which isn't the case while it shows a layer.
   *
   * @defaultValue true
   */
  isAtRest?(): boolean;
  /** Called after attributes that other code had overwritten were restored. */
  restored?(): void;
  /** Releases everything that the service has set up. */
  release?(): void;
}
