// The texts of a combobox: those of the option `messages`, or English.
import type { Counts } from '../../announce/announce.js';
import { failureText } from '../../core/text.js';

/** The texts of a combobox. Omitted ones are in English. */
export interface ComboboxWords extends Counts {
  /**
   * Returns the text shown if there is no match.
   *
   * @defaultValue `No match for "…"`, or `Nothing to choose from` if nothing was typed
   */
  none?(query: string): string;
  /**
   * Returns the label of the option that adds the typed text.
   *
   * @defaultValue `Add "…"`
   */
  add?(query: string): string;
  /**
   * Returns the announcement after an option was selected.
   *
   * @defaultValue `… added, 2 chosen`
   */
  added?(label: string, count: number): string;
  /**
   * Returns the announcement after an option was removed.
   *
   * @defaultValue `… removed, 1 chosen`
   */
  removed?(label: string, count: number): string;
  /**
   * Returns the announcement after the limit is reached.
   *
   * @defaultValue `No more than 3`
   */
  full?(limit: number): string;
  /**
   * Returns the name of a token's button.
   *
   * @defaultValue `Remove …`
   */
  remove?(label: string): string;
  /**
   * Returns the name of the group of tokens.
   *
   * @defaultValue `Chosen`
   */
  chosen?(): string;
  /**
   * Returns the text shown while options load.
   *
   * @defaultValue `Loading…`
   */
  loading?(): string;
  /**
   * Returns the text shown if options fail to load.
   *
   * @defaultValue the message of the error
   */
  failed?(error: unknown): string;
  /**
   * Returns the label of the retry button.
   *
   * @defaultValue `Try again`
   */
  retry?(): string;
  /**
   * Returns the validation message of a required combobox without a selection.
   *
   * @defaultValue `Choose one.`
   */
  required?(): string;
}

/** Returns every text. Omitted ones are in English. */
export type Words = typeof english;

/** The English texts. */
export const english = {
  none: (query: string) => (query ? `No match for “${query}”` : 'Nothing to choose from'),
  add: (query: string) => `Add “${query}”`,
  added: (label: string, count: number) => `${label} added, ${count} chosen`,
  removed: (label: string, count: number) => `${label} removed, ${count} chosen`,
  full: (limit: number) => `No more than ${limit}`,
  remove: (label: string) => `Remove ${label}`,
  chosen: () => 'Chosen',
  loading: () => 'Loading…',
  failed: failureText,
  retry: () => 'Try again',
  required: () => 'Choose one.',
};
