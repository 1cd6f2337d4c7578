// The shape of a rule: a code, what it finds in a page, and the words about it.
import type { Markup, Page } from './markup.js';

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

export interface Rule {
  code: string;
  severity: Severity;
  /** The clause of the standard that it follows. */
  clause: string;
  /** What it looks for, in one line. */
  says: string;
  find(page: Page): Iterable<Found>;
}

export interface Finding extends Found {
  code: string;
  severity: Severity;
  clause: string;
}
