// The public shapes of everything that is wired.
import type { Cell, ReadCell } from '../core/cell.js';
import type * as core from '../core/change.js';
import type { Openable } from '../core/contract/openable.js';
import type { OptionKind, OptionKinds } from '../core/contract/options.js';

/** Why something changed, with the browser's own event and element. */
export type Cause = core.Cause<Event, Element>;
/** A change: name, value, previous value, reason, and where known the event, control and result. */
export type Change<T = unknown, N extends string = string> = core.Change<T, Event, Element, N>;
/** A change of one of the states in `S`: whoever asks for its name knows its value. */
export type ChangeOf<S> = core.ChangeOf<S, Event, Element>;

/** A cell for each state. */
export type Cells<S> = { readonly [N in keyof S]: Cell<S[N]> };

/**
 * A state as an option gives it: a first value, or a cell that is followed and written to. Any store that may keep its own
 * value owns the state: it is asked with each change, and what it says afterwards is what happens.
 */
export type StateOption<T> = T | Cell<T>;

/** A set of keys as an option gives it: keys, a text of them with spaces between, or a cell of a set. */
export type KeysOption = Iterable<string> | Cell<ReadonlySet<string>>;

/** The type of a value of each kind. */
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
 * The types of options, from what each takes: then a pattern of your own declares its options once. Docstrings in the table are the
 * docstrings of the options.
 *
 * @example
 * const options = { wrap: 'true or false', size: ['small', 'large'] } as const;
 * interface RatingOptions extends OptionsOf<typeof options> {}
 */
export type OptionsOf<K extends OptionKinds> = {
  -readonly [N in keyof K]?: K[N] extends readonly (infer Word)[]
    ? Word
    : K[N] extends OptionKind & keyof KindValues
      ? KindValues[K[N]]
      : never;
};

/** Options that `update` takes: any of them. One that is undefined has its default again. */
export type Updates<Options extends object> = { [N in keyof Options]?: Options[N] | undefined };

/** What every wire function returns. */
export interface Wired<Options extends object = object> {
  readonly root: HTMLElement;
  /** True while a guard is making up its mind. */
  readonly busy: ReadCell<boolean>;
  /**
   * Other options from now on, open or closed; those that are not named stay. A state that is named becomes that, for the
   * reason `owner`. What it is made with (a modal popover, the kind of motion) changes when it is next closed. Throws a
   * TypeError for a name or a value that cannot be meant, and changes nothing then.
   */
  update(options: Updates<Options>): void;
  /** Takes the behaviour away: listeners and timers gone, every attribute as it was. Harmless when called twice. */
  unwire(): void;
}

/** The shape of every wire function. */
export type Wire<Options = object, W extends Wired = Wired> = (root: HTMLElement, options?: Options) => W;

/** A change that was refused, and who has refused it. */
export type Refusal<S = core.AnyState> = ChangeOf<S> & {
  by: 'guard' | 'owner';
  /** What the guard threw, or its promise was rejected with. */
  error?: unknown;
};

/** The options of every pattern. `S` has its states. */
export interface CommonOptions<S = core.AnyState> {
  /**
   * Called before each change. Return false to block the change, or a promise to decide later.
   *
   * While a promise is pending, the pattern is busy. If the guard throws or its promise is rejected, the
   * change is refused, and `onRefuse` gets the error. The guard is not asked about what has happened already:
   * the reasons `removed`, `native` and `parent`, and a cell that your own code has set.
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
   * If the guard failed, the error is part of what it gets.
   *
   * @defaultValue none
   * @example { onRefuse: ({ error }) => report(error) }
   */
  onRefuse?: (refusal: Refusal<S>) => void;
  /**
   * Specifies what happens when other code changes an attribute that shows a state. `accept` updates the
   * state, and `revert` restores the attribute.
   *
   * Other code is a morphing script or the render of a framework. With `accept` the reason of the change is
   * `native`. Attributes that show no state are always written again.
   *
   * @defaultValue `accept`, or `revert` for patterns that open above the page, since no attribute can open
   * them
   * @example { externalChanges: 'revert' }
   */
  externalChanges?: 'accept' | 'revert';
}

/** The options of what is open or closed. */
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
