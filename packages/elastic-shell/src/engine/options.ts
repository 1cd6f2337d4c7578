// Options are checked once, when something is wired: a name or a value that cannot be meant is an error at once.
import type { OptionKind, OptionKinds } from '../core/contract/options.js';
import { nearest } from '../core/text.js';
import { described, isCell } from './dom.js';

type Fits = (value: unknown) => boolean;

const isText: Fits = (value) => typeof value === 'string';
const isFunction: Fits = (value) => typeof value === 'function';
const isObject: Fits = (value) => typeof value === 'object' && value !== null;
const isFlag: Fits = (value) => typeof value === 'boolean';
const isList: Fits = (value) => isText(value) || (isObject(value) && Symbol.iterator in Object(value));
/** An element's attribute is a text. */
const isNumber: Fits = (value) => value !== '' && !isObject(value) && Number.isFinite(Number(value));
const orCell =
  (fits: Fits): Fits =>
  (value) =>
    isCell(value) || fits(value);
const either =
  (...all: Fits[]): Fits =>
  (value) =>
    all.some((fits) => fits(value));

/** By kind: what fits, and how that is said. */
const kinds: Record<Exclude<OptionKind, readonly string[]>, readonly [Fits, string]> = {
  flag: [isFlag, 'true or false'],
  number: [isNumber, 'a number'],
  text: [isText, 'a text'],
  function: [isFunction, 'a function'],
  object: [isObject, 'an object'],
  items: [either(isFunction, isCell, isList), 'a list of items, a cell of one, or a function'],
  element: [either(isText, isFunction, isObject), 'a selector, an element, or a function that finds one'],
  anchor: [either(isFunction, isObject), 'an element, a point { x, y }, or a function that finds one'],
  source: [either(isText, isFunction), 'a function, or the selector of a <template>'],
  'state flag': [orCell(isFlag), 'true, false or a cell'],
  'state text': [orCell(isText), 'a text or a cell'],
  'state key': [orCell(isText), 'a key or a cell'],
  'state keys': [orCell(isList), 'keys or a cell'],
  'state chosen': [orCell(isList), 'a key, keys or a cell'],
};

/** What is wrong with a value, as what it must be; undefined when it fits. */
const wanted = (kind: OptionKind, value: unknown): string | undefined => {
  if (typeof kind !== 'string')
    return isFunction(value) || kind.some((word) => word === value) ? undefined : kind.join(' or ');
  const [fits, words] = kinds[kind];
  return fits(value) ? undefined : words;
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
  const place = on === undefined ? '' : ` (on ${described(on)})`;
  for (const [name, value] of Object.entries(known ? options : {})) {
    const kind = known && Object.hasOwn(known, name) ? known[name] : undefined;
    if (!kind) {
      const names = Object.keys(known ?? {});
      const near = nearest(name, names);
      throw new TypeError(
        `elastic-shell: ${whose} has no option ${described(name)}; ${near ? `did you mean "${near}"?` : `there are ${names.join(', ')}`}${place}`,
      );
    }
    const must = value === undefined ? undefined : wanted(kind, value);
    if (must)
      throw new TypeError(
        `elastic-shell: ${whose} option ${name} must be ${must}, got ${isText(value) ? value : described(value)}${place}`,
      );
  }
}
