// The parts of a pattern for a server, as attributes: the same outlines that bindings return, with
// `data-wire` on the root. It needs no DOM.
import type { Item } from '../core/collection/items.js';
import type { Attributes } from '../core/contract/contract.js';
import type { OptionKinds } from '../core/contract/options.js';
import type { Given, Outline } from '../core/outline/outline.js';
import { outlines } from '../described/facets.js';
import { type Description, descriptionOf } from '../described/description.js';
import { asState, attributesOf, wirePrefix } from '../engine/attributes.js';

/** The outlines of the built-in patterns by name. */
type Outlines = typeof outlines;

/** The name of a built-in pattern. */
export type PatternName = keyof Outlines;

type GivenOf<Out> = Out extends { single: { root: (given: infer G) => unknown } } ? G : never;

/** A state as a server sets it: sets of keys are any list, or a text of keys separated by spaces. */
type Said<T> = T extends ReadonlySet<string> ? Iterable<string> : T;

/**
 * The options of one instance of a pattern with the outline `Out`: its id, its known items, states and
 * options.
 */
export type GivenFor<Out> = unknown extends Out
  ? { id: string } & Record<string, unknown>
  : GivenOf<Out> extends Given<infer S, infer O>
    ? { id: string; items?: readonly Item[] } & { [K in keyof S]?: Said<S[K]> | undefined } & {
        [K in Exclude<keyof O, keyof S>]?: O[K] | undefined;
      }
    : never;

type EachPart<F> = F extends (given: never, ...args: infer A) => Attributes
  ? (...args: A) => Attributes
  : never;

/** The parts of one instance: attributes, or functions of a key or a command. */
export type PartsFor<Out> = unknown extends Out
  ? Readonly<Record<string, Attributes | ((...args: (string | undefined)[]) => Attributes)>>
  : Out extends { single: infer Single; each: infer Each }
    ? { readonly [K in keyof Single]: Attributes } & { readonly [K in keyof Each]: EachPart<Each[K]> }
    : never;

/** The options of one instance of a built-in pattern. */
export type ServerGiven<N extends PatternName> = GivenFor<Outlines[N]>;
/** The parts of one instance of a built-in pattern. */
export type ServerParts<N extends PatternName> = PartsFor<Outlines[N]>;

/**
 * The attributes for `wireWithin` on the root: the name of the pattern, and all options that a text can set.
 */
function wireAttributes(
  name: string,
  kinds: OptionKinds,
  given: Readonly<Record<string, unknown>>,
): Attributes {
  const said: Attributes = { 'data-wire': name };
  for (const [attribute, [option]] of attributesOf(kinds)) {
    const value = given[option];
    if (!attribute.startsWith(wirePrefix) || value === undefined || value === null) continue;
    said[attribute] = value instanceof Set || Array.isArray(value) ? [...value].join(' ') : `${value}`;
  }
  return said;
}

/** Returns the description of a name, or throws. */
function described(pattern: string | Description): Description {
  if (typeof pattern !== 'string') return pattern;
  const known = descriptionOf(pattern);
  if (known) return known;
  throw new TypeError(
    `elastic-shell: partsOf got the unknown pattern "${pattern}"; there are ${Object.keys(outlines).sort().join(', ')}`,
  );
}

/**
 * Returns the parts of one instance as attributes, for code that writes HTML. `html` converts them to text.
 * The root has `data-wire`.
 *
 * @param pattern - The name of a built-in pattern, or the result of `describePattern`.
 * @param given - The `id` of the root, and states and options.
 * @returns The parts.
 * @throws TypeError for an unknown pattern, for one without an outline, or without an id.
 */
export function partsOf<N extends PatternName>(pattern: N, given: ServerGiven<N>): ServerParts<N>;
/** Returns the parts of one instance of a pattern of your own. */
export function partsOf<Out>(pattern: Description<Out>, given: GivenFor<Out>): PartsFor<Out>;
/** In both cases the description has the outline and the options. */
export function partsOf(
  pattern: string | Description,
  { id, items, ...rest }: { id: string; items?: readonly Item[] } & Record<string, unknown>,
): object {
  const { name: own, outline: made, options } = described(pattern);
  if (!id) throw new TypeError(`elastic-shell: partsOf needs the id of the root of ${own}`);
  if (!made)
    throw new TypeError(`elastic-shell: ${own} was described without an outline, so it has no parts`);
  // The pattern's own states and options, which only its own outline reads.
  const outline = made as Outline;
  const state: Record<string, unknown> = { ...outline.first };
  for (const [name, first] of Object.entries(outline.first))
    if (rest[name] !== undefined) state[name] = asState(first, rest[name]);
  const asked: Given = { id, state, options: rest, ...(items && { items }) };
  const { roots = ['root'] } = outline;
  const parts: Record<string, unknown> = {};
  for (const [name, make] of Object.entries(outline.single))
    parts[name] = {
      ...make(asked),
      ...(roots.includes(name) && { ...outline.unscripted?.(asked), ...wireAttributes(own, options, rest) }),
    };
  for (const [name, make] of Object.entries(outline.each))
    parts[name] = (...args: [string]) => make(asked, ...args);
  return parts;
}
