// Values in words, for the inspector.
import { described, isCell } from '../engine/dom.js';

const most = 60;

/** Returns a value in words: texts in quotes, sets by their keys, cells by their value. */
export function valueText(value: unknown): string {
  if (value instanceof Set) return value.size ? `{ ${[...value].map(valueText).join(', ')} }` : '{ }';
  if (isCell(value)) return `a cell: ${valueText('get' in value ? value.get() : undefined)}`;
  if (typeof value === 'string') return `“${value.length > most ? `${value.slice(0, most)}…` : value}”`;
  if (Array.isArray(value)) return `a list of ${value.length}`;
  return value === undefined ? 'nothing' : described(value);
}

const inQuotes = (keys: readonly unknown[], labelOf: (key: string) => string): string =>
  keys
    .slice(0, 5)
    .map((key) => `“${labelOf(String(key))}”`)
    .join(', ') + (keys.length > 5 ? ` and ${keys.length - 5} more` : '');

/** Returns the keys that were added to a set, and those that were removed. */
export function setDifference(
  before: ReadonlySet<unknown>,
  after: ReadonlySet<unknown>,
): { came: unknown[]; went: unknown[] } {
  return {
    came: [...after].filter((key) => !before.has(key)),
    went: [...before].filter((key) => !after.has(key)),
  };
}

/** The verbs for added and removed keys, by state. */
const setVerbs: Readonly<Record<string, readonly [came: string, went: string]>> = {
  expanded: ['opens', 'closes'],
  checked: ['checks', 'unchecks'],
  selected: ['selects', 'deselects'],
  closed: ['closes', 'reopens'],
};

/** Returns the change of a state as a verb in the present tense: `opens`, `selects “Pans”`. */
export function effectOf(
  name: string,
  before: unknown,
  after: unknown,
  labelOf: (key: string) => string = (key) => key,
): string {
  if (before instanceof Set && after instanceof Set) {
    const { came, went } = setDifference(before, after);
    const [comes, goes] = setVerbs[name] ?? ['adds', 'closes'];
    return [
      came.length ? `${comes} ${inQuotes(came, labelOf)}` : '',
      went.length ? `${goes} ${inQuotes(went, labelOf)}` : '',
    ]
      .filter(Boolean)
      .join(' and ');
  }
  if (name === 'open') return after ? 'opens' : 'closes';
  if (name === 'current')
    return after === undefined ? 'leaves the items' : `moves to “${labelOf(String(after))}”`;
  if (name === 'selected' && typeof after === 'string') return `selects “${labelOf(after)}”`;
  if (name === 'selected') return 'selects nothing';
  if (name === 'on' || name === 'checked') return after ? 'turns on' : 'turns off';
  return `${name} becomes ${valueText(after)}`;
}
