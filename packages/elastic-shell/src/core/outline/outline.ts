// Outlines: which attributes each part of a pattern has, from its state and its options alone, before there is a page.
//
// An outline says what an author would write by hand (roles, keys, ids, commands) and asks the contract's own semantics, which
// the engine asks as well, for all that follows the state. A server writes it, a binding hands it out to be spread, and the
// engine finds it there: there is one truth about a part, whoever writes it first.
import { type Item, tabStop } from '../collection/items.js';
import type { Attributes, RootView, Semantics, View } from '../contract/contract.js';

/** What is known of one instance of a pattern before there is a page. */
export interface Given<State = object, Options = object> {
  /** The id of its root; the ids of all other parts begin with it. */
  id: string;
  state: State;
  options: Options;
  /** Its items in order, as far as they are known. Default: none. */
  items?: readonly Item[];
}

/** A part of which there is one. */
export type SinglePart<State, Options> = (given: Given<State, Options>) => Attributes;

/** A part of which there is one for each key, or one for each control. */
export type EachPart<State, Options> =
  | ((given: Given<State, Options>, key: string) => Attributes)
  | ((given: Given<State, Options>, value?: string, name?: string) => Attributes);

/** The parts of a pattern as attributes, and its states before anyone has touched it. */
export interface Outline<State extends object = object, Options = object> {
  name: string;
  /** The states that hold where no option says another. */
  first: State;
  /** The state that is the first item whose part is asked for, where no option gives it. Default: none. */
  firstItem?: { state: keyof State & string; parts: readonly string[] };
  /** The parts that may be its root, of which one is on the page. Default: `root`. */
  roots?: readonly string[];
  /** What shows the root as its state says where no script wires it: only servers write it. Default: nothing more. */
  unscripted?: (given: Given<State, Options>) => Attributes;
  /** Parts of which there is one. */
  single: Readonly<Record<string, SinglePart<State, Options>>>;
  /** Parts of which there are several: by the key of an item, or by what a control asks for. */
  each: Readonly<Record<string, EachPart<State, Options>>>;
}

/** The id of a part of the instance whose root has the id `id`. Keys may hold what ids may not: that is escaped. */
export const partId = ({ id }: Pick<Given, 'id'>, part: string, key?: string): string =>
  key === undefined ? `${id}-${part}` : `${id}-${part}-${encodeURIComponent(key)}`;

/** Attributes that are there or not. `hidden` has a second value, which the engine writes once it is wired. */
export const flagAttributes: ReadonlySet<string> = new Set(['hidden', 'open', 'checked']);

/** A root of which only the id and the kind of element are known. */
const rootView = (id: string, localName: string): RootView => ({
  id,
  localName,
  getAttribute: () => null,
  hasAttribute: () => false,
});

/** What semantics see of an instance without a page. */
export const viewOf = <S, O extends object>(
  { id, options, items = [] }: Given<S, O>,
  localName = 'div',
): View<O> => ({ root: rootView(id, localName), options, items });

/** What the root of the instance says: its id, and what the contract's semantics say. */
export const rootOf = <S, O extends object>(
  semantics: Semantics<S, O, never>,
  given: Given<S, O>,
  localName?: string,
): Attributes => ({ id: given.id, ...semantics.root?.(given.state, viewOf(given, localName)) });

/** A control that asks the root for something. `value` is the key or the result that it stands for. */
export const control = ({ id }: Pick<Given, 'id'>, command: string, value?: string): Attributes => ({
  type: 'button',
  commandfor: id,
  command,
  ...(value !== undefined && { value }),
});

/** The one tab stop among items: 0 on the one that is `wanted`, else on the first that can be reached. */
export function stopAt<S, O>(
  { items = [] }: Given<S, O>,
  key: string,
  wanted: Iterable<string | undefined>,
): Attributes {
  const keys = [...wanted].filter((each) => each !== undefined);
  const stop = items.length ? tabStop(items, keys) : keys[0];
  return { tabindex: key === stop ? '0' : '-1' };
}
