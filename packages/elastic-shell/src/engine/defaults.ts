// Default options for all instances of a pattern that are wired later.
import type { OptionKinds } from '../core/contract/options.js';
import { isElement } from './dom.js';
import { checkDefaults, noteKinds } from './known-patterns.js';
import { checkOptions } from './options.js';
import type { Wired } from './types.js';

/**
 * The options of each pattern, by its name. Each pattern adds its own, so that `setDefaults` knows their
 * types.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type
export interface PatternOptions {}

/** A wire function of any pattern. */
type AnyWire = (root: HTMLElement, options?: object) => Wired;

/** A pattern that markup can name. */
export interface KnownPattern {
  /** Its wire function. */
  wire: AnyWire;
  /** The kind of value of each option. */
  options: OptionKinds;
}

/** The loaded patterns with their wire functions, by name. */
export const loadedPatterns = new Map<string, KnownPattern>();
const defaults = new Map<string, object>();

/** The options that an element was wired with, without the defaults of its pattern. */
export const givenTo = new WeakMap<object, object>();

/** The defaults of `pattern`. */
const defaultsOf = (pattern: string): object => defaults.get(pattern) ?? {};

/**
 * Registers a pattern: its options for `setDefaults`, and its wire function for the attribute `data-wire`
 * that `wireWithin` reads.
 *
 * @param name - The name of the pattern.
 * @param options - The kind of value of each option.
 * @param wire - Its wire function.
 */
export function registerPattern(
  name: string,
  options: OptionKinds = {},
  wire?: (root: HTMLElement, options?: never) => Wired,
): void {
  noteKinds(name, options);
  // It is called with options read by its own kinds, and checks them itself.
  if (wire) loadedPatterns.set(name, { wire: wire as AnyWire, options });
}

/**
 * Returns options with defaults. An option that is undefined counts as omitted.
 *
 * @param around - The defaults.
 * @param own - The options of the instance.
 * @returns A new object with both.
 */
export const overDefaults = (
  around: object | undefined,
  own: object | undefined,
): Record<string, unknown> => ({
  ...around,
  ...Object.fromEntries(Object.entries(own ?? {}).filter(([, value]) => value !== undefined)),
});

/**
 * The object has only own properties: a property that a script added to `Object.prototype` isn't an option.
 * `Object.create(null)` takes four times the memory.
 */
class Bare {}
Object.setPrototypeOf(Bare.prototype, null);
Reflect.deleteProperty(Bare.prototype, 'constructor');

/**
 * Returns the options of one instance, with the defaults of its pattern.
 *
 * @param own - The options of the instance.
 * @param root - The root, for error messages.
 * @returns The options with defaults.
 * @throws TypeError if an option is unknown or has an invalid value.
 */
export function optionsOf<O extends object>(
  { name, options: known }: { name: string; options?: OptionKinds },
  own: O | undefined,
  root: unknown,
): O {
  const options: O = Object.assign(new Bare(), own, overDefaults(defaultsOf(name), own));
  checkOptions(name, options, known, root);
  if (own && isElement(root)) givenTo.set(root, own);
  return options;
}

/**
 * Sets default options for all instances of `pattern` that are wired later. An instance's own options
 * override them.
 *
 * @param pattern - The name of the pattern.
 * @param options - The default options.
 * @returns A function that restores the previous defaults.
 * @throws TypeError if the pattern or an option is unknown. If the pattern isn't loaded yet, its options are
 * checked when it is wired.
 * @example setDefaults('dialog', { outside: 'keep' });
 */
export function setDefaults<N extends keyof PatternOptions & string>(
  pattern: N,
  options: PatternOptions[N] & object,
): () => void {
  checkDefaults(pattern, options);
  const before = defaultsOf(pattern);
  defaults.set(pattern, { ...before, ...options });
  return () => void defaults.set(pattern, before);
}
