// The public types of everything that is wired.
import type { Cell, ReadCell } from '../core/cell.js';
import type * as core from '../core/change.js';
import type { Openable } from '../core/contract/openable.js';
import type { OptionKind, OptionKinds } from '../core/contract/options.js';

/** Why something changed, with the browser's event and element. */
export type Cause = core.Cause<Event, Element>;
/** A change: name, value, previous value and reason, and if known the event, control and result. */
export type Change<T = unknown, N extends string = string> = core.Change<T, Event, Element, N>;
/** A change of one of the states in `S`. Checking its name narrows the type of its value. */
export type ChangeOf<S> = core.ChangeOf<S, Event, Element>;

/** A cell for each state. */
export type Cells<S> = { readonly [N in keyof S]: Cell<S[N]> };

/**
 * A state as an option: an initial value, or a cell that is followed and written to. A store that can refuse
 * a value controls the state: it is given each change, and the value it has afterwards is applied.
 */
export type StateOption<T> = T | Cell<T>;

/** A set of keys as an option: a list of keys, a text of keys separated by spaces, or a cell of a set. */
export type KeysOption = Iterable<string> | Cell<ReadonlySet<string>>;

/** The type of the value of each kind. */
interface KindValues {
  'true or false': boolean;
  'a number': number;
  'a text': string;
  'a function': (...args: never[]) => unknown;
  'an object': object;
  'a list, a cell of one, or a function':
    readonly unknown[] | Cell<readonly unknown[]> | ((...args: never[]) => unknown);
  'a selector, an element, or a function': string | Element | (() => Element | null | undefined);
  'an element, a point, or a function': object | (() => object | null | undefined);
  'a function, or a selector': string | ((...args: never[]) => unknown);
  'true, false or a cell': StateOption<boolean>;
  'a number or a cell': StateOption<number>;
  'a text or a cell': StateOption<string>;
  'a key or a cell': StateOption<string | undefined>;
  'keys or a cell': KeysOption;
  'a key, keys or a cell': string | undefined | KeysOption;
}

/**
 * The types of options, derived from their kinds, so that a pattern of your own declares its options once.
 * The docstrings in the table are the docstrings of the options.
 *
 * @example const options = { wrap: 'true or false', size: ['small', 'large'] } as const; interface
 * RatingOptions extends OptionsOf<typeof options> {}
 */
export type OptionsOf<K extends OptionKinds> = {
  -readonly [N in keyof K]?: K[N] extends readonly (infer Word)[]
    ? Word
    : K[N] extends OptionKind & keyof KindValues
      ? KindValues[K[N]]
      : never;
};

/** The argument of `update`: any of the options. One that is undefined gets its default. */
export type Updates<Options extends object> = { [N in keyof Options]?: Options[N] | undefined };

/** The handle that every wire function returns. */
export interface Wired<Options extends object = object> {
  /** The element that is wired. */
  readonly root: HTMLElement;
  /** True while a guard is pending. */
  readonly busy: ReadCell<boolean>;
  /**
   * Changes options, whether it is open or closed. Omitted options stay. A state that is named is set, with
   * the reason `owner`. Options that it is created with (a modal popover, the kind of motion) change when it
   * is next closed.
   *
   * @param options - The new options.
   * @throws TypeError if a name or a value is invalid. Then nothing changes.
   */
  update(options: Updates<Options>): void;
  /**
   * Removes the behaviour: listeners and timers are removed, and every attribute is restored. Calling it
   * twice has no effect.
   */
  unwire(): void;
}

/** The type of every wire function. */
export type Wire<Options = object, W extends Wired = Wired> = (root: HTMLElement, options?: Options) => W;

/** A refused change, and who refused it. */
export type Refusal<S = core.AnyState> = ChangeOf<S> & {
  by: 'guard' | 'owner';
  /** The error of the guard, if it threw or its promise was rejected. */
  error?: unknown;
};

/** The options of every pattern. `S` are its states. */
export interface CommonOptions<S = core.AnyState> {
  /**
   * Called before each change. Return false to block the change, or a promise to decide later.
   *
   * While a promise is pending, the pattern is busy. If the guard throws or its promise is rejected, the
   * change is refused, and `onRefuse` gets the error. The guard isn't called for changes that have already
   * happened: those with the reason `removed`, `native` or `parent`, and those that your own code made to a
   * cell.
   *
   * @defaultValue none
   * @example { guard: ({ value }) => value || !hasUnsavedText() }
   */
  guard?: (change: ChangeOf<S>) => unknown;
  /**
   * Called after each change, with its reason, once the page shows the new state.
   *
   * @defaultValue none
   * @example { onChange: ({ name, value, reason }) => log(name, value, reason) }
   */
  onChange?: (change: ChangeOf<S>) => void;
  /**
   * Called after the guard or the controlling store has refused a change.
   *
   * If the guard failed, the argument has its `error`.
   *
   * @defaultValue none
   * @example { onRefuse: ({ error }) => report(error) }
   */
  onRefuse?: (refusal: Refusal<S>) => void;
  /**
   * Specifies what happens when other code changes an attribute that shows a state. `accept` updates the
   * state, and `revert` restores the attribute.
   *
   * Other code is, for example, a morphing script or a framework that renders. With `accept`, the change has
   * the reason `native`. Attributes that show no state are always restored.
   *
   * @defaultValue `accept`, or `revert` for patterns that open above the page, since no attribute can open
   * them
   * @example { externalChanges: 'revert' }
   */
  externalChanges?: 'accept' | 'revert';
}

/** The options of patterns that open and close. */
export interface OpenOptions<S = Openable> extends CommonOptions<S> {
  /**
   * Sets whether it is open: an initial value, or a cell that is read and written.
   *
   * @defaultValue the markup
   * @example { open: cell(false) }
   */
  open?: StateOption<boolean>;
  /**
   * Called after it has opened.
   *
   * @defaultValue none
   * @example { onOpened: () => track('opened') }
   */
  onOpened?: () => void;
  /**
   * Called after it has closed, with the value of the control that closed it, or null if the control has
   * none.
   *
   * @defaultValue none
   * @example { onClosed: (result) => save(result) }
   */
  onClosed?: (result: string | null) => void;
}
