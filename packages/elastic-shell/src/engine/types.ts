// The public shapes of everything that is wired.
import type { Cell, ReadCell } from '../core/cell.js';
import type * as core from '../core/change.js';
import type { Openable } from '../core/contract/openable.js';

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
   * Answers whether a change may happen: `false` refuses, a promise makes it wait (the pattern is
   * busy meanwhile), a throw or rejection refuses with that error. Default: everything is allowed.
   * Not asked for what has happened already (reasons `removed`, `native`, `parent`, and a cell of
   * the caller's that the caller set).
   */
  guard?: (change: ChangeOf<S>) => unknown;
  /** Hears every change after the page shows it. Default: nobody. */
  onChange?: (change: ChangeOf<S>) => void;
  /**
   * Hears of every change that was refused, by the guard or by the owner of a state. Default: nobody. An error that a guard
   * failed with is in it.
   */
  onRefuse?: (refusal: Refusal<S>) => void;
  /**
   * What happens when other code (a morph, a framework's render) changes an attribute that shows a state. `accept` changes the
   * state, with the reason `native`. `revert` writes the attribute again. Attributes that show no state are always written again.
   *
   * @defaultValue `accept`; `revert` for what opens above the page, since no attribute can open it
   */
  externalChanges?: 'accept' | 'revert';
}

/** The options of what is open or closed. */
export interface OpenOptions<S = Openable> extends CommonOptions<S> {
  /** A first value, or a cell that is followed and written to. Default: as the markup shows. */
  open?: StateOption<boolean>;
}
