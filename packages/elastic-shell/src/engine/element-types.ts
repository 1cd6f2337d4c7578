// The public types of elements: their properties and events.
import type { Chosen } from '../core/collection/selection.js';
import type { ReadCell } from '../core/cell.js';
import type { Change, ChangeOf, KeysOption, Refusal, StateOption, Wired } from './types.js';

/** The detail of `shell-guard`: the change, and a method to delay it. */
export interface GuardDetail<C = Change> {
  /** The requested change. */
  change: C;
  /**
   * Delays the change until `promise` resolves. False or a rejection refuses it.
   *
   * @param promise - The promise to wait for.
   */
  wait(promise: PromiseLike<unknown>): void;
}

/** The states of `W`: the values of its cells. */
export type StatesOf<W> = {
  [N in keyof W as W[N] extends { set(value: never): void } ? N : never]: W[N] extends ReadCell<infer T>
    ? T
    : never;
};

/**
 * The events of an element, by name. All bubble. `shell-guard` can be cancelled, which refuses the change.
 */
export interface ShellEvents<W> {
  /** Fired after a state has changed and the page shows it. */
  'shell-change': CustomEvent<ChangeOf<StatesOf<W>>>;
  /**
   * Fired before a state changes. `preventDefault()` refuses the change, and `detail.wait(promise)` delays
   * it.
   */
  'shell-guard': CustomEvent<GuardDetail<ChangeOf<StatesOf<W>>>>;
  /** Fired after a change was refused. `detail.previous` is the value that the state keeps. */
  'shell-refuse': CustomEvent<Refusal<StatesOf<W>>>;
  /** Fired after it has opened. */
  'shell-opened': StatesOf<W> extends { open: boolean } ? CustomEvent<null> : never;
  /**
   * Fired after it has closed, with the value of the control that closed it. For tabs: after a tab was
   * closed, with its key.
   */
  'shell-closed': StatesOf<W> extends { open: boolean } ? CustomEvent<string | null> : CustomEvent<string>;
  /** Fired after the selection has changed. */
  'shell-selected': StatesOf<W> extends { selected: infer T } ? CustomEvent<T> : never;
  /** Fired after the expanded items have changed. */
  'shell-expanded': StatesOf<W> extends { expanded: infer T } ? CustomEvent<T> : never;
  /** Fired after the checked items have changed. */
  'shell-checked': StatesOf<W> extends { checked: infer T } ? CustomEvent<T> : never;
}

/** The members of every element of the library. */
export interface ShellElement<W extends Wired = Wired, Events = ShellEvents<W>> extends HTMLElement {
  /**
   * The handle that the wire function returned. It is undefined until the content is complete, and after the
   * element has left the page.
   */
  readonly wired: W | undefined;
  /** True while a guard is pending. */
  readonly busy: boolean;
  /**
   * Adds a listener for an event of the element, or for any other event.
   *
   * @param type - The name of the event.
   * @param listener - The listener.
   * @param options - The options of the listener, as in the DOM.
   */
  addEventListener<N extends keyof Events>(
    type: N,
    listener: (this: this, event: Events[N]) => unknown,
    options?: boolean | AddEventListenerOptions,
  ): void;
  addEventListener<N extends keyof HTMLElementEventMap>(
    type: N,
    listener: (this: HTMLElement, event: HTMLElementEventMap[N]) => unknown,
    options?: boolean | AddEventListenerOptions,
  ): void;
  addEventListener(
    type: string,
    listener: EventListenerOrEventListenerObject,
    options?: boolean | AddEventListenerOptions,
  ): void;
}

/**
 * The members that an element shares with native form controls. See HTML, form-associated custom elements.
 */
export interface FormElement {
  /** The form that it belongs to, or null. */
  readonly form: HTMLFormElement | null;
  /** The labels of the element. Clicking one moves focus to its control. */
  readonly labels: NodeList | null;
  /** The result of validation. See HTML, constraint validation. */
  readonly validity: ValidityState;
  /** The message of the failed validation, or an empty text. */
  readonly validationMessage: string;
  /** Whether it is validated when its form is submitted. */
  readonly willValidate: boolean;
  /**
   * Validates it, and fires `invalid` if validation fails.
   *
   * @returns Whether it is valid.
   */
  checkValidity(): boolean;
  /**
   * Validates it, and shows the message to the user if validation fails.
   *
   * @returns Whether it is valid.
   */
  reportValidity(): boolean;
  /**
   * Whether it is disabled. A disabled fieldset around it disables it too.
   *
   * @defaultValue false
   */
  disabled: boolean;
}

/** The attributes of an element that is a form control, for templates. */
export interface FormAttributes {
  /**
   * The name under which its form submits it.
   *
   * @defaultValue none: it isn't submitted
   */
  name?: string | undefined;
  /**
   * Whether it is disabled.
   *
   * @defaultValue false
   */
  disabled?: boolean | undefined;
  /**
   * The id of the form that it belongs to.
   *
   * @defaultValue the form around it
   */
  form?: string | undefined;
}

/** Options as properties, except those that are states (`S`), have another name (`R`), or are events. */
export type OptionProperties<O, S extends string, R extends string = never> = {
  [N in keyof O as N extends S | R | `on${Capitalize<string>}` ? never : N]: O[N] | null | undefined;
};

/**
 * A state as a property. Reading returns its value, and setting requests a change. A cell can be set before
 * it is wired.
 */
type Settable<T> = T | StateOption<T> | null | undefined;

/** An element with the state `open`. */
export interface OpenProperty {
  /** Whether it is open. Setting it requests a change. */
  get open(): boolean;
  set open(value: Settable<boolean>);
}

/**
 * An element with the state `expanded`. It can be set to any list of keys, or to a text of keys separated by
 * spaces.
 */
export interface ExpandedProperty {
  /** The keys of the expanded items. Setting it requests a change. */
  get expanded(): ReadonlySet<string>;
  set expanded(value: KeysOption | null | undefined);
}

/**
 * An element with the state `checked`, a set of keys. It can be set to any list of keys, or to a text of keys
 * separated by spaces.
 */
export interface CheckedProperty {
  /** The keys of the checked items. Setting it requests a change. */
  get checked(): ReadonlySet<string>;
  set checked(value: KeysOption | null | undefined);
}

/** An element with the state `selected`, one key. */
export interface SelectedProperty {
  /** The key of the selected item. Setting it requests a change. */
  get selected(): string | undefined;
  set selected(value: Settable<string>);
}

/** An element with the state `selected`: one key or, with `multiple`, a set of keys. */
export interface ChosenProperty {
  /** The key of the selected option or, with `multiple`, a set of keys. Setting it requests a change. */
  get selected(): Chosen;
  set selected(value: Settable<string> | KeysOption);
}

/** An element with the state `checked`, which is true or false. */
export interface OnProperty {
  /** Whether it is on. Setting it requests a change. */
  get checked(): boolean;
  set checked(value: Settable<boolean>);
}

/**
 * An element with the state `closed`, the keys of closed tabs. It can be set to any list of keys, or to a
 * text of keys separated by spaces.
 */
export interface ClosedProperty {
  /** The keys of the closed tabs. Setting it requests a change. */
  get closed(): ReadonlySet<string>;
  set closed(value: KeysOption | null | undefined);
}

/** An element with the state `rotating`. */
export interface RotatingProperty {
  /** Whether the slides change automatically. Setting it requests a change. */
  get rotating(): boolean;
  set rotating(value: Settable<boolean>);
}

/** An element with the state `query`, the search text. */
export interface QueryProperty {
  /** The search text. Setting it requests a change. */
  get query(): string;
  set query(value: Settable<string>);
}

declare global {
  // Events bubble, so listeners on ancestors are called for the events of any element.
  interface GlobalEventHandlersEventMap {
    'shell-change': CustomEvent<Change>;
    'shell-guard': CustomEvent<GuardDetail>;
    'shell-refuse': CustomEvent<Refusal>;
  }
}
