// Checks options once, when a pattern is wired: an unknown name or an invalid value throws at once.
import { type OptionKind, type OptionKinds, kinds } from '../core/contract/options.js';
import { nearest } from '../core/text.js';
import { described } from './dom.js';

/** Returns the expected kind of value if it is another, or undefined. */
const wanted = (kind: OptionKind, value: unknown): string | undefined => {
  const type = typeof value;
  if (typeof kind !== 'string')
    return type === 'function' || kind.some((word) => word === value) ? undefined : kind.join(' or ');
  const fits = kinds[kind].includes(type) && value !== null;
  return fits && !Number.isNaN(value) ? undefined : kind;
};

/**
 * Throws a TypeError if an option is unknown or has a value of another kind. `whose` and `on` are used in the
 * message. An undefined value counts as omitted. Without `known`, nothing is checked.
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

/** Returns the name that was probably meant by `word`. */
export const suggestion = (word: string, words: readonly string[]): string => {
  const lower = word.toLowerCase();
  // Names like `defaultOpen` or `closeOnEscape` usually contain the right one.
  const near = nearest(word, words) ?? words.find((other) => other[3] && lower.includes(other.toLowerCase()));
  return near ? `did you mean "${near}"?` : `there are ${words.join(', ')}`;
};
