// The type of a rule: a code, a function that finds mistakes in a page, and texts.
import type { Markup } from './markup.js';
import type { Page } from './page.js';

/**
 * The severity: an error violates a standard or certainly fails for some users. Everything else is a warning.
 */
export type Severity = 'error' | 'warning';

/** A finding. */
export interface Found {
  /** The element that it is about. */
  element: Markup;
  /** The attribute that it is about, if it is about one. */
  attribute?: string;
  /** A whole sentence with the element and the value. */
  sentence: string;
  /** What to do about it. */
  remedy: string;
  /**
   * Another severity than that of the rule.
   *
   * @defaultValue that of the rule
   */
  severity?: Severity;
}

/** A rule: what it finds, and its source. */
export interface Rule {
  /** The code of the rule, such as `id-duplicate`. */
  code: string;
  /** How serious its findings are. */
  severity: Severity;
  /** The clause of the standard. */
  clause: string;
  /** What it finds, in one sentence. */
  summary: string;
  /** The elements to examine: each a tag, `[attribute]`, `[role=name]` (as in the markup), or `*` for all. */
  on: readonly string[];
  /**
   * Returns the mistakes of one element. It asks the page for everything else, so that a page of any size is
   * read at once.
   *
   * @param element - The element.
   * @param page - The page.
   * @returns The findings, or undefined.
   */
  find(element: Markup, page: Page): Found | readonly Found[] | undefined;
}

/** A finding with its rule. */
export interface Finding extends Found {
  /** The code of the rule. */
  code: string;
  /** How serious it is. */
  severity: Severity;
  /** The clause of the standard. */
  clause: string;
}
