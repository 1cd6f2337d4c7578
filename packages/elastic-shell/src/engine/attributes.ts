// Options as attributes say them: which options a text can say, under which name, and what the text means.
import { keysIn } from '../core/collection/selection.js';
import type { OptionKind, OptionKinds } from '../core/contract/options.js';

/** Only a program can give these. */
const programOnly: readonly OptionKind[] = [
  'a function',
  'an object',
  'a list, a cell of one, or a function',
  'an element, a point, or a function',
];

/** True or false, as an option or as a state. */
export const flags: readonly OptionKind[] = ['true or false', 'true, false or a cell'];

/** True for an option that is a state. */
export const isState = (kind: OptionKind): boolean => typeof kind === 'string' && kind.endsWith('a cell');

/** Options beside `data-wire` begin so. */
export const wirePrefix = 'data-wire-';

/** Written by whoever takes a page over (a framework that hydrates): what stands inside waits until it is taken away. */
export const waitAttribute = 'data-wire-wait';

/** A server writes another value here where states that it says again count anew. */
export const revisionAttribute = 'data-wire-revision';

const camel = (name: string): string =>
  name.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase());

const kebab = (name: string): string => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/**
 * The options that an attribute can say, by the name of the attribute. Each has two: after `data-wire-` it also survives what
 * takes a name like `selected` for an attribute without a value, as the server renderers of some frameworks do.
 */
export function attributesOf(options: OptionKinds): Map<string, [name: string, kind: OptionKind]> {
  const known = new Map<string, [string, OptionKind]>();
  for (const [name, kind] of Object.entries(options)) {
    if (programOnly.includes(kind)) continue;
    known.set(kebab(name), [name, kind]);
    known.set(wirePrefix + kebab(name), [name, kind]);
  }
  return known;
}

/**
 * An attribute as the value of an option: what is true or false is false by the word "false" alone, and an empty text is no
 * key.
 */
const valueOf = (kind: OptionKind, text: string): unknown => {
  if (flags.includes(kind)) return text !== 'false';
  if (kind === 'a key or a cell' && !text) return undefined;
  return typeof kind === 'string' && kind.startsWith('a number') ? Number(text) : text;
};

/**
 * What the attributes of `element` say of an option, in the first of its spellings that is there; undefined where none is, and
 * for what no text can say.
 */
export function saidBy(
  element: Element,
  name: string,
  kind: OptionKind,
  prefixes: readonly string[] = ['', wirePrefix],
): unknown {
  if (programOnly.includes(kind)) return undefined;
  for (const prefix of prefixes) {
    const text = element.getAttribute(prefix + kebab(name));
    if (text !== null) return valueOf(kind, text);
  }
  return undefined;
}

/** Returns attributes that begin with `data-wire-` and say no option, by the name that the option would have: who checks options finds them. */
export const unknownOptions = (element: Element, options: OptionKinds): Record<string, unknown> =>
  Object.fromEntries(
    [...element.attributes]
      .filter(
        ({ name }) => name.startsWith(wirePrefix) && name !== waitAttribute && name !== revisionAttribute,
      )
      .map(({ name, value }) => [camel(name.slice(wirePrefix.length)), value] as const)
      .filter(([name]) => programOnly.includes(options[name] ?? 'a function')),
  );

/** The options that the attributes of `element` say, each under its name after `data-wire-`. */
export function optionsFrom(element: Element, options: OptionKinds): Record<string, unknown> {
  const found: Record<string, unknown> = unknownOptions(element, options);
  for (const [name, kind] of Object.entries(options)) {
    const value = saidBy(element, name, kind, [wirePrefix]);
    if (value !== undefined) found[name] = value;
  }
  return found;
}

/** A value as a state holds it that is `now`: keys, in whatever list or text they come, as a set where it is one. */
export const asState = (now: unknown, value: unknown): unknown =>
  // What a set of keys is given as: its kind was checked, or is told where it is read.
  now instanceof Set && !(value instanceof Set) ? new Set(keysIn(value as Iterable<string>)) : value;
