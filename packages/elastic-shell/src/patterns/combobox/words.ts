// The words of a combobox: those of the option `messages`, else English.
import type { Counts } from '../../announce/announce.js';
import { failureText } from '../../core/text.js';

/** Every word that a combobox says; those that are left out are English. */
export interface ComboboxWords extends Counts {
  /** That nothing matches. Default: `No match for "…"`; with nothing typed `Nothing to choose from`. */
  none?(query: string): string;
  /** The option that adds what was typed. Default: `Add "…"`. */
  add?(query: string): string;
  /** That an option was selected, and how many are now. Default: `… added, 2 chosen`. */
  added?(label: string, count: number): string;
  /** That one was taken out. Default: `… removed, 1 chosen`. */
  removed?(label: string, count: number): string;
  /** That no more may be selected. Default: `No more than 3`. */
  full?(limit: number): string;
  /** The name of a token's button. Default: `Remove …`. */
  remove?(label: string): string;
  /** The name of the tokens. Default: `Chosen`. */
  chosen?(): string;
  /** While options are fetched. Default: `Loading…`. */
  loading?(): string;
  /** That they did not come. Default: the error's own message. */
  failed?(error: unknown): string;
  /** The button that fetches again. Default: `Try again`. */
  retry?(): string;
  /** Why a form cannot be sent. Default: `Choose one.` */
  required?(): string;
}

/** Every word; those that the author leaves out are English. */
export type Words = typeof english;

/** The words in English. */
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
