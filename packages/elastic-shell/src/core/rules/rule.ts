// The shape of a rule: a code, what it finds in a page, and the words about it.
import type { Markup } from './markup.js';
import type { Page } from './page.js';

/** How bad it is: an error is what the standard forbids, or what fails for somebody for certain; a warning all else. */
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
  /** Where it is less bad here than the rule says. Default: as the rule says. */
  severity?: Severity;
}

/** A rule: what it looks for, and where it comes from. */
export interface Rule {
  code: string;
  severity: Severity;
  /** The clause of the standard that it follows. */
  clause: string;
  /** What it looks for, in one line. */
  summary: string;
  /** The elements it looks at: each a tag, `[attribute]`, `[role=name]` (as written in the markup), or `*` for all. */
  on: readonly string[];
  /** What is wrong with one of them. It asks the page for all else, so that a page of any size is read in one go. */
  find(element: Markup, page: Page): Found | readonly Found[] | undefined;
}

/** What was found, with the rule that found it. */
export interface Finding extends Found {
  code: string;
  severity: Severity;
  clause: string;
}
