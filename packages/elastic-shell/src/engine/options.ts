// Options are checked once, when something is wired: a name or a value that cannot be meant is an error at once.
import { type OptionKind, type OptionKinds, kinds } from '../core/contract/options.js';
import { nearest } from '../core/text.js';
import { described } from './dom.js';

/** What a value must be, where it is something else. */
const wanted = (kind: OptionKind, value: unknown): string | undefined => {
  const type = typeof value;
  if (typeof kind !== 'string')
    return type === 'function' || kind.some((word) => word === value) ? undefined : kind.join(' or ');
  const fits = kinds[kind].includes(type) && value !== null;
  return fits && !Number.isNaN(value) ? undefined : kind;
};

/**
 * Throws a TypeError when an option is not known, or has a value of another kind. `whose` and `on` say whose options
 * they are. What is undefined counts as left out. Without `known` nothing is looked at.
 */
export function checkOptions(
  whose: string,
  options: object,
  known: OptionKinds | undefined,
  on?: unknown,
): void {
  const place = (): string => (on ? ` (on ${described(on)})` : '');
  for (const [name, value] of known ? Object.entries(options) : []) {
    const kind = known && Object.hasOwn(known, name) ? known[name] : undefined;
    if (!kind)
      throw new TypeError(
        `elastic-shell: ${whose} has no option "${name}"; ${suggestion(name, Object.keys(known ?? {}))}${place()}`,
      );
    const must = value === undefined ? undefined : wanted(kind, value);
    if (must)
      throw new TypeError(
        `elastic-shell: ${whose} option ${name} must be ${must}, got ${typeof value === 'string' ? value : described(value)}${place()}`,
      );
  }
}

/** What somebody who wrote `word` may have meant. */
export const suggestion = (word: string, words: readonly string[]): string => {
  const lower = word.toLowerCase();
  // What goes by another name elsewhere mostly holds the word: `defaultOpen`, `closeOnEscape`.
  const near = nearest(word, words) ?? words.find((other) => other[3] && lower.includes(other.toLowerCase()));
  return near ? `did you mean "${near}"?` : `there are ${words.join(', ')}`;
};
