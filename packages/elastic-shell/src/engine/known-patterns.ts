// Which patterns there are and what their options take, to check what `setDefaults` is given. Production builds go without.
import type { OptionKinds } from '../core/contract/options.js';
import { builtInNames } from './built-in-names.js';
import { checkOptions, suggestion } from './options.js';

/** The names of all patterns: those that come with the library are known before they are loaded. */
const names = new Set(builtInNames.split(' '));
const kinds = new Map<string, OptionKinds>();

/** Notes what the options of a pattern take. */
export function noteKinds(name: string, options: OptionKinds): void {
  names.add(name);
  kinds.set(name, options);
}

/** Throws a TypeError for a pattern that is not known, or an option that is not known or has a wrong value. */
export function checkDefaults(pattern: string, options: object): void {
  if (!names.has(pattern))
    throw new TypeError(
      `elastic-shell: setDefaults knows no pattern "${pattern}"; ${suggestion(pattern, [...names])}`,
    );
  checkOptions(pattern, options, kinds.get(pattern));
}
