// Options as a pattern gets them: with the defaults for all instances, and checked where the vocabulary is closed.
import { defaults } from './defaults.js';

/**
 * The options of one instance: its own, else those set for all of `pattern`. Throws a TypeError when an
 * option that `choices` lists has another value: that is the programmer's mistake, told at once.
 */
export function optionsOf<O extends object>(
  pattern: string,
  own: O,
  choices: Record<string, readonly string[]>,
): O {
  const options = { ...defaults[pattern], ...own } as O;
  for (const [name, value] of Object.entries(options)) {
    const known = choices[name];
    if (known && value !== undefined && typeof value !== 'function' && !known.includes(value as string))
      throw new TypeError(
        `elastic-shell: ${pattern} option ${name} must be ${known.join(' or ')}, got ${value}`,
      );
  }
  return options;
}
