// The known patterns and their options, for checking the arguments of `setDefaults`. Production builds omit
// it.
import type { OptionKinds } from '../core/contract/options.js';
import { builtInNames } from './built-in-names.js';
import { checkOptions, suggestion } from './options.js';

/** The names of all patterns. Those of the library are known before they are loaded. */
const names = new Set(builtInNames.split(' '));
const kinds = new Map<string, OptionKinds>();

/** Records the options of a pattern. */
export function noteKinds(name: string, options: OptionKinds): void {
  names.add(name);
  kinds.set(name, options);
}

/** Throws a TypeError for an unknown pattern, or for an option that is unknown or has an invalid value. */
export function checkDefaults(pattern: string, options: object): void {
  if (!names.has(pattern))
    throw new TypeError(
      `elastic-shell: setDefaults got the unknown pattern "${pattern}"; ${suggestion(pattern, [...names])}`,
    );
  checkOptions(pattern, options, kinds.get(pattern));
}
