// The public types of elements: what each has as properties, and what it tells as events.
import type { Chosen } from '../core/collection/selection.js';
import type { ReadCell } from '../core/cell.js';
import type { Change, ChangeOf, KeysOption, Refusal, StateOption, Wired } from './types.js';

/** What `shell-guard` carries: the change, and a way to make it wait. */
export interface GuardDetail<C = Change> {
  change: C;
  /** The change waits for `promise`; false or a rejection refuses it. */
  wait(promise: PromiseLike<unknown>): void;
}

/** The states of `W`: what its cells hold. */
export type StatesOf<W> = {
  [N in keyof W as W[N] extends { set(value: never): void } ? N : never]: W[N] extends ReadCell<infer T>
    ? T
    : never;
};

/** The events of an element by name. All bubble; `shell-guard` can be cancelled, which refuses the change. */
export interface ShellEvents<W> {
  /** A state has changed, and the page shows it. */
  'shell-change': CustomEvent<ChangeOf<StatesOf<W>>>;
  /** A state is about to change. `preventDefault()` refuses, `detail.wait(promise)` makes it wait. */
  'shell-guard': CustomEvent<GuardDetail<ChangeOf<StatesOf<W>>>>;
  /** A change was refused: whoever had set the property reads in `detail.previous` what holds. */
  'shell-refuse': CustomEvent<Refusal<StatesOf<W>>>;
  /** It has opened. */
  'shell-opened': StatesOf<W> extends { open: boolean } ? CustomEvent<null> : never;
  /** It has closed, with the value of the control that closed it; of tabs: one was closed, with its key. */
  'shell-closed': StatesOf<W> extends { open: boolean } ? CustomEvent<string | null> : CustomEvent<string>;
  /** What is selected has changed. */
  'shell-selected': StatesOf<W> extends { selected: infer T } ? CustomEvent<T> : never;
  /** What is expanded has changed. */
  'shell-expanded': StatesOf<W> extends { expanded: infer T } ? CustomEvent<T> : never;
  /** What is checked has changed. */
  'shell-checked': StatesOf<W> extends { checked: infer T } ? CustomEvent<T> : never;
}

/** Every element: what it is wired as, once it is, and what it tells. */
export interface ShellElement<W extends Wired = Wired, Events = ShellEvents<W>> extends HTMLElement {
  /** What the wire function returned; undefined until what it needs stands inside, and once it has left the page. */
  readonly wired: W | undefined;
  /** True while a guard is making up its mind. */
  readonly busy: boolean;
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

/** What an element has of a control of the platform. HTML, form-associated custom elements. */
export interface FormElement {
  /** The form that it belongs to; null for none. */
  readonly form: HTMLFormElement | null;
  /** The labels that name it. A press on one goes to its control. */
  readonly labels: NodeList | null;
  readonly validity: ValidityState;
  readonly validationMessage: string;
  readonly willValidate: boolean;
  checkValidity(): boolean;
  reportValidity(): boolean;
  /**
   * Whether it can be used. A disabled fieldset around it disables it too.
   *
   * @defaultValue false
   */
  disabled: boolean;
}

/** The attributes of an element that is a form control, for templates. */
export interface FormAttributes {
  /**
   * The name under which its form sends it.
   *
   * @defaultValue none: it isn't sent
   */
  name?: string | undefined;
  /**
   * Whether it can't be used.
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

/** Options as properties: all but those that are states (`S`), have another name (`R`), or are told as events. */
export type OptionProperties<O, S extends string, R extends string = never> = {
  [N in keyof O as N extends S | R | `on${Capitalize<string>}` ? never : N]: O[N] | null | undefined;
};

/** A state as a property: reading gives what holds, setting asks for a change; a cell may be given before it is wired. */
type Settable<T> = T | StateOption<T> | null | undefined;

/** Has the state `open`. */
export interface OpenProperty {
  get open(): boolean;
  set open(value: Settable<boolean>);
}

/** Has the state `expanded`. Set, it takes keys in any list, or in a text with spaces between. */
export interface ExpandedProperty {
  get expanded(): ReadonlySet<string>;
  set expanded(value: KeysOption | null | undefined);
}

/** Has the state `checked`, a set of keys. Set, it takes keys in any list, or in a text with spaces between. */
export interface CheckedProperty {
  get checked(): ReadonlySet<string>;
  set checked(value: KeysOption | null | undefined);
}

/** Has the state `selected`, one key. */
export interface SelectedProperty {
  get selected(): string | undefined;
  set selected(value: Settable<string>);
}

/** Has the state `selected`: one key, or with `multiple` a set of them. */
export interface ChosenProperty {
  get selected(): Chosen;
  set selected(value: Settable<string> | KeysOption);
}

/** Has the state `checked`: whether it is on. */
export interface OnProperty {
  get checked(): boolean;
  set checked(value: Settable<boolean>);
}

/** Has the state `closed`: the keys of closed tabs. Set, it takes keys in any list, or in a text with spaces between. */
export interface ClosedProperty {
  get closed(): ReadonlySet<string>;
  set closed(value: KeysOption | null | undefined);
}

/** Has the state `rotating`. */
export interface RotatingProperty {
  get rotating(): boolean;
  set rotating(value: Settable<boolean>);
}

/** Has the state `query`: what is searched for. */
export interface QueryProperty {
  get query(): string;
  set query(value: Settable<string>);
}

declare global {
  // Events bubble: whoever listens further out hears them of any element.
  interface GlobalEventHandlersEventMap {
    'shell-change': CustomEvent<Change>;
    'shell-guard': CustomEvent<GuardDetail>;
    'shell-refuse': CustomEvent<Refusal>;
  }
}
