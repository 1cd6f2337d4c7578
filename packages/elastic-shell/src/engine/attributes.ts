// Options as attributes: which options an attribute can set, under which name, and how its text is read.
import { keysIn } from '../core/collection/selection.js';
import type { OptionKind, OptionKinds } from '../core/contract/options.js';

/** Only code can set these. */
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

/** The prefix of options beside `data-wire`. */
export const wirePrefix = 'data-wire-';

/**
 * Added by code that takes over a page, such as a framework that hydrates: elements inside wait until it is
 * removed.
 */
export const waitAttribute = 'data-wire-wait';

/** A server changes this value to make states count as new even if they are unchanged. */
export const revisionAttribute = 'data-wire-revision';

const camel = (name: string): string =>
  name.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase());

const kebab = (name: string): string => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/**
 * Returns the options that an attribute can set, by the name of the attribute. Each has two names. The one
 * with `data-wire-` also survives server renderers that treat a name like `selected` as an attribute without
 * a value.
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
 * Converts an attribute to the value of an option. A boolean is false only for the word "false", and an empty
 * text isn't a key.
 */
const valueOf = (kind: OptionKind, text: string): unknown => {
  if (flags.includes(kind)) return text !== 'false';
  if (kind === 'a key or a cell' && !text) return undefined;
  return typeof kind === 'string' && kind.startsWith('a number') ? Number(text) : text;
};

/**
 * Returns the value of an option from the first of its attributes that is present, or undefined if none is,
 * or if an attribute can't set it.
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

/**
 * Returns attributes that begin with `data-wire-` but set no option, under the name that the option would
 * have. Checking the options reports them.
 */
export const unknownOptions = (element: Element, options: OptionKinds): Record<string, unknown> =>
  Object.fromEntries(
    [...element.attributes]
      .filter(
        ({ name }) => name.startsWith(wirePrefix) && name !== waitAttribute && name !== revisionAttribute,
      )
      .map(({ name, value }) => [camel(name.slice(wirePrefix.length)), value] as const)
      .filter(([name]) => programOnly.includes(options[name] ?? 'a function')),
  );

/** Returns the options that the attributes of `element` set, each under its name after `data-wire-`. */
export function optionsFrom(element: Element, options: OptionKinds): Record<string, unknown> {
  const found: Record<string, unknown> = unknownOptions(element, options);
  for (const [name, kind] of Object.entries(options)) {
    const value = saidBy(element, name, kind, [wirePrefix]);
    if (value !== undefined) found[name] = value;
  }
  return found;
}

/**
 * Converts a value to the form in which the state holds it: keys from an array or a text become a set if the
 * state `now` is a set.
 */
export const asState = (now: unknown, value: unknown): unknown =>
  // A set of keys was checked before, or is reported when it is read.
  now instanceof Set && !(value instanceof Set) ? new Set(keysIn(value as Iterable<string>)) : value;
