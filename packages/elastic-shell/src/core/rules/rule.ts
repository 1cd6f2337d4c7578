// The shape of a rule: a code, what it finds in a page, and the words about it.
import type { Markup, Page } from './markup.js';

/** How bad it is: an error keeps somebody from using the page. */
export type Severity = 'error' | 'warning';

/** One thing found. */
export interface Found {
  element: Markup;
  /** The attribute it is about, where it is about one. */
  attribute?: string;
  /** A whole sentence: the element, and the value found. */
  sentence: string;
  /** What to do about it. */
  remedy: string;
}

/** A rule: what it looks for, and where it comes from. */
export interface Rule {
  code: string;
  severity: Severity;
  /** The clause of the standard that it follows. */
  clause: string;
  /** What it looks for, in one line. */
  says: string;
  find(page: Page): Iterable<Found>;
}

/** What was found, with the rule that found it. */
export interface Finding extends Found {
  code: string;
  severity: Severity;
  clause: string;
}
