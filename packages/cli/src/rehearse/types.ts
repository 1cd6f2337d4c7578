// What a rehearsal answers with: widgets, and how the rows of their contracts went.
import type { CheckResult } from 'elastic-shell/rehearsal';

export type { CheckResult } from 'elastic-shell/rehearsal';

/** How one widget did. */
export interface WidgetResult {
  /** The pattern of the widget. */
  pattern: string;
  /** What it is, in words: `menu button`. */
  kind: string;
  /** The accessible name of the widget. */
  name: string;
  /** The result of each check. */
  checks: CheckResult[];
}

/** How a page did. */
export interface Rehearsal {
  /** The address of the page. */
  address: string;
  /** The result of each widget. */
  widgets: WidgetResult[];
  /** A picture of the page as it was when it was ready, where they are taken. */
  picture?: string;
  /** Why not all of its widgets were walked, where that is so. */
  stopped?: string;
}
