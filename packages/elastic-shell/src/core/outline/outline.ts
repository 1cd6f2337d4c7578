// Outlines: the attributes of each part of a pattern from its state and options, before there is a page. An
// outline contains what an author would write by hand (roles, keys, ids, commands), and calls the contract's
// semantics, as the engine does, for everything that follows the state. Servers write it, bindings return it
// for spreading, and the engine finds it in the page. So all of them agree.
import { type Item, tabStop } from '../collection/items.js';
import type { Attributes, RootView, Semantics, View } from '../contract/contract.js';

/** The known values of an instance before there is a page. */
export interface Given<State = object, Options = object> {
  /** The id of its root. The ids of all other parts begin with it. */
  id: string;
  /** The state. */
  state: State;
  /** The options. */
  options: Options;
  /**
   * Its items in order, as far as they are known.
   *
   * @defaultValue none
   */
  items?: readonly Item[];
}

/** A part that exists once. */
export type SinglePart<State, Options> = (given: Given<State, Options>) => Attributes;

/** A part that exists for each key, or for each control. */
export type EachPart<State, Options> =
  | ((given: Given<State, Options>, key: string) => Attributes)
  | ((given: Given<State, Options>, value?: string, name?: string) => Attributes);

/** The parts of a pattern as attributes, and its initial states. */
export interface Outline<State extends object = object, Options = object> {
  /** The name of the pattern. */
  name: string;
  /** The default states. */
  first: State;
  /**
   * The state that gets the key of the first requested item, if no option sets it.
   *
   * @defaultValue none
   */
  firstItem?: { state: keyof State & string; parts: readonly string[] };
  /**
   * The parts that can be its root, of which one is in the page.
   *
   * @defaultValue `root`
   */
  roots?: readonly string[];
  /**
   * Attributes that show the root's state without a script. Only servers write them.
   *
   * @defaultValue none
   */
  unscripted?: (given: Given<State, Options>) => Attributes;
  /** Parts that exist once. */
  single: Readonly<Record<string, SinglePart<State, Options>>>;
  /** Parts that exist several times: by the key of an item, or by the command of a control. */
  each: Readonly<Record<string, EachPart<State, Options>>>;
}

/**
 * Returns the id of a part. Characters of keys that ids can't contain are escaped.
 *
 * @param id - The id of the root.
 * @param part - The name of the part.
 * @param key - The key of the item.
 * @returns The id.
 */
export const partId = ({ id }: Pick<Given, 'id'>, part: string, key?: string): string =>
  key === undefined ? `${id}-${part}` : `${id}-${part}-${encodeURIComponent(key)}`;

/** Boolean attributes. `hidden` has a second value, which the engine writes once it is wired. */
export const flagAttributes: ReadonlySet<string> = new Set(['hidden', 'open', 'checked']);

/** A root of which only the id and the kind of element are known. */
const rootView = (id: string, localName: string): RootView => ({
  id,
  localName,
  getAttribute: () => null,
  hasAttribute: () => false,
});

/** The view of an instance without a page, for semantics. */
export const viewOf = <S, O extends object>(
  { id, options, items = [] }: Given<S, O>,
  localName = 'div',
): View<O> => ({ root: rootView(id, localName), options, items });

/** Returns the attributes of the root: its id, and those of the contract's semantics. */
export const rootOf = <S, O extends object>(
  semantics: Semantics<S, O, never>,
  given: Given<S, O>,
  localName?: string,
): Attributes => ({ id: given.id, ...semantics.root?.(given.state, viewOf(given, localName)) });

/** Returns the attributes of a control with a command. `value` is its key or result. */
export const control = ({ id }: Pick<Given, 'id'>, command: string, value?: string): Attributes => ({
  type: 'button',
  commandfor: id,
  command,
  ...(value !== undefined && { value }),
});

/** Returns the tab stop among items: 0 on the first of `wanted`, or on the first reachable item. */
export function stopAt<S, O>(
  { items = [] }: Given<S, O>,
  key: string,
  wanted: Iterable<string | undefined>,
): Attributes {
  const keys = [...wanted].filter((each) => each !== undefined);
  const stop = items.length ? tabStop(items, keys) : keys[0];
  return { tabindex: key === stop ? '0' : '-1' };
}
