// Options that hold for every instance of a pattern wired from now on.
import type { OptionKinds } from '../core/contract/options.js';
import { isElement } from './dom.js';
import { checkDefaults, noteKinds } from './known-patterns.js';
import { checkOptions } from './options.js';
import type { Wired } from './types.js';

/** Each pattern adds its own options here, so that `setDefaults` knows their types. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type
export interface PatternOptions {}

/** A wire function, whatever it wires. */
type AnyWire = (root: HTMLElement, options?: object) => Wired;

/** A pattern that markup can ask for. */
export interface KnownPattern {
  wire: AnyWire;
  options: OptionKinds;
}

/** The patterns that are loaded, with their wire functions, by name. */
export const loadedPatterns = new Map<string, KnownPattern>();
const defaults = new Map<string, object>();

/** What whoever wired an element gave it; what it runs with besides is set for all of its pattern. */
export const givenTo = new WeakMap<object, object>();

/** What has been set for all of `pattern`. */
const defaultsOf = (pattern: string): object => defaults.get(pattern) ?? {};

/**
 * Makes a pattern known: what its options take to `setDefaults`, and with its wire function to the attribute `data-wire`
 * that `wireWithin` looks for.
 */
export function registerPattern(
  name: string,
  options: OptionKinds = {},
  wire?: (root: HTMLElement, options?: never) => Wired,
): void {
  noteKinds(name, options);
  // It is called with options read as its own kinds say, and checks them itself.
  if (wire) loadedPatterns.set(name, { wire: wire as AnyWire, options });
}

/** Options over defaults. One that is given as undefined isn't given: the default holds. */
export const overDefaults = (
  around: object | undefined,
  own: object | undefined,
): Record<string, unknown> => ({
  ...around,
  ...Object.fromEntries(Object.entries(own ?? {}).filter(([, value]) => value !== undefined)),
});

/** Has no properties but its own: one that a script added to `Object.prototype` is no option. `Object.create(null)` takes four times the room. */
class Bare {}
Object.setPrototypeOf(Bare.prototype, null);
Reflect.deleteProperty(Bare.prototype, 'constructor');

/**
 * The options of one instance: its own, else those set for all of its pattern. Throws a TypeError for an option that is
 * not known or has a value of another kind: that is the programmer's mistake, told at once.
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
 * Sets options for all instances of `pattern` that are wired later; an instance's own options win.
 * Returns the way back: calling it restores what was set before. Throws a TypeError for a pattern or an option that
 * is not known; where the pattern is not loaded yet, its options are looked at when it is wired.
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
