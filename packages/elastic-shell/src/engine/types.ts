// The public shapes of everything that is wired.
import type { Cell, ReadCell } from '../core/cell.js';
import type * as core from '../core/change.js';

/** Why something changed, with the browser's own event and element. */
export type Cause = core.Cause<Event, Element>;
/** A change: name, value, previous value, reason, and where known the event, control and result. */
export type Change<T = unknown> = core.Change<T, Event, Element>;

/** What every wire function returns. */
export interface Wired {
  readonly root: HTMLElement;
  /** True while a guard is making up its mind. */
  readonly busy: ReadCell<boolean>;
  /** Takes the behaviour away: listeners and timers gone, every attribute as it was. Harmless when called twice. */
  unwire(): void;
}

/** The shape of every wire function. */
export type Wire<Options = object, W extends Wired = Wired> = (root: HTMLElement, options?: Options) => W;

/** The options of every pattern. */
export interface CommonOptions {
  /**
   * Answers whether a change may happen: `false` refuses, a promise makes it wait (the pattern is
   * busy meanwhile), a throw or rejection refuses with that error. Default: everything is allowed.
   * Not asked for what has happened already (reasons `removed`, `native`, `parent`, and a cell of
   * the caller's that the caller set).
   */
  guard?: (change: Change<never>) => unknown;
  /** Hears every change after the page shows it. Default: nobody. */
  onChange?: (change: Change) => void;
}

/** The options of what is open or closed. */
export interface OpenOptions extends CommonOptions {
  /** A first value, or a cell that is followed and written to. Default: as the markup shows. */
  open?: boolean | Cell<boolean>;
}
