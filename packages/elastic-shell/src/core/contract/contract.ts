// The shape of a contract: what a pattern is, as data and pure functions. The engine is its only caller.

import type { Item } from '../collection/items.js';
import type { Move, MoveRules } from '../collection/movement.js';
import type { Tree } from '../collection/tree.js';

/** Attributes to stand on a part: a text, or null for none. What is not named is left alone. */
export type Attributes = Record<string, string | null>;

/** What a contract may read of the root: an element, said without the DOM's types. */
export interface RootView {
  readonly id: string;
  readonly localName: string;
  getAttribute(name: string): string | null;
  hasAttribute(name: string): boolean;
}

/** What the engine read of the page for this turn. */
export interface View<Options = object> {
  root: RootView;
  options: Options;
  /** The items of a collection, in order. */
  items?: readonly Item[];
  /** The key of the item that an intent is about. */
  at?: string | undefined;
  /** The key of the item that has focus. */
  current?: string | undefined;
  /** Where a range of selected items begins. */
  anchor?: string | undefined;
  /** How moves go, as the page shows it now: columns, and items in view. */
  moves?: MoveRules;
  /** The tree whose rows that show are the items; and the whole one, where a filter hides some of it. */
  tree?: Tree;
  whole?: Tree;
  /** What an item is called, whether it shows or not. */
  labelOf?: (key: string) => string;
  /** The keys of which only one may be checked, where an item is one of several such. */
  mates?: (key: string) => readonly string[] | undefined;
  /** Whether what is under an item is being fetched. */
  isBusy?: (key: string) => boolean;
  /** For semantics: the id of the item that a panel belongs to. */
  labelledBy?: string | undefined;
  /** For semantics: the platform gives this item its role and state itself, as it does a <summary>. */
  native?: boolean;
}

/** What a key does on an item: moves to another, asks for something, or both. */
export interface KeyAct {
  move?: Move;
  intent?: string;
}

/**
 * A pattern. The live half, below, ships; the words about it are its `Notes`, a value of their own
 * beside it, so that an application that shows no documents carries none.
 */
export interface Contract<State extends object, Part extends string = string, Options = object> {
  name: string;
  /** The intent of each invoker command; that of a press without one stands under ''. */
  commands: Readonly<Record<string, string>>;
  /** The state that the markup shows, now. */
  read(view: View<Options>): State;
  /** The next state; the same object when nothing changes. */
  step(state: State, intent: string, view: View<Options>): State;
  /** `which`: for an opener what its command means, for an item or its panel the key. */
  semantics: { [P in Part]?: (state: State, view: View<Options>, which?: string) => Attributes | undefined };
}

/** Who acts on a key: the browser's own behaviour, or the engine. */
export type KeyOwner = 'browser' | 'engine';

/** The words of a contract: for documents, the command line and the conformance tests. */
export interface Notes<Part extends string = string> {
  name: string;
  /** One sentence: what it is for. */
  says: string;
  standard: string;
  parts: Record<Part, { is: string; required: boolean; why: string }>;
  keys: readonly { on: Part; key: string; does: string; by: KeyOwner }[];
  presses: readonly { on: Part | 'outside'; does: string }[];
  states: readonly { name: string; type: string; first: string; shown: string }[];
  options: readonly { name: string; values: string; default: string; does: string }[];
  owes: readonly string[];
}
