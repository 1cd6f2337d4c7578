// The result of `rehearse`: widgets, with the results of their checks.
import type { CheckResult } from 'elastic-shell/rehearsal';

export type { CheckResult } from 'elastic-shell/rehearsal';

/** The result of one widget. */
export interface WidgetResult {
  /** The pattern of the widget. */
  pattern: string;
  /** The kind of widget, in words: `menu button`. */
  kind: string;
  /** The accessible name of the widget. */
  name: string;
  /** The result of each check. */
  checks: CheckResult[];
}

/** The result of a page. */
export interface Rehearsal {
  /** The address of the page. */
  address: string;
  /** The result of each widget. */
  widgets: WidgetResult[];
  /** A screenshot of the page when it was ready, if they are taken. */
  picture?: string;
  /** Why some widgets were not checked, if there are any. */
  stopped?: string;
}
