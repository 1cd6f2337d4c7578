// The type of a contract: a pattern as data and pure functions. Only the engine calls it.
import type { Item } from '../collection/items.js';
import type { Move, MoveRules } from '../collection/movement.js';
import type { OptionKinds } from './options.js';

/** The wanted attributes of a part: a text, or null to remove one. Omitted attributes aren't changed. */
export type Attributes = Record<string, string | null>;

/** The members of the root that a contract can read, without DOM types. */
export interface RootView {
  /** The id of the root. */
  readonly id: string;
  /** The tag of the root, in lower case. */
  readonly localName: string;
  /**
   * Returns the value of an attribute.
   *
   * @param name - The name of the attribute.
   * @returns The value, or null if it is missing.
   */
  getAttribute(name: string): string | null;
  /**
   * Returns whether an attribute exists.
   *
   * @param name - The name of the attribute.
   * @returns Whether it exists.
   */
  hasAttribute(name: string): boolean;
}

/**
 * The values that the engine has read from the page for this turn, for every pattern. A pattern can declare
 * more, as a tree does.
 */
export interface View<Options = object> {
  /** The root, without DOM types. */
  readonly root: RootView;
  /** The options, including defaults. */
  readonly options: Options;
  /** The reachable items, in order. It is empty if the pattern has no items. */
  readonly items: readonly Item[];
  /** The key of the item that an intent is about. */
  readonly at?: string | undefined;
}

/** The additional values of patterns with items, which the list service provides. */
export interface ItemsView<Options = object> extends View<Options> {
  /** The key of the focused item. */
  readonly current?: string | undefined;
  /** The key at the start of a selected range. */
  readonly anchor?: string | undefined;
  /** How the keys move, for tools that show what a key would do. */
  readonly moves?: MoveRules | undefined;
  /** For semantics: the id of the item that a panel belongs to. */
  readonly labelledBy?: string | undefined;
  /** For semantics: the platform provides the role and state of this item, as for a <summary>. */
  readonly native?: boolean;
}

/** A view that services can write. */
export type Writable<V> = { -readonly [N in keyof V]: V[N] };

/**
 * A key that moves to another item. Without `then` only focus moves. With it, that intent is requested for
 * the item.
 */
export interface MoveAct<Intent extends string = string> {
  readonly to: Move;
  readonly then?: Intent;
}

/** The effect of a key: an intent for the focused item, or a move. */
export type KeyAct<Intent extends string = string> = Intent | MoveAct<Intent>;

/** The effects of keys by chord: `block-next`, `Shift+Space`, `Control+a`. */
export type KeyActs<Intent extends string = string> = Readonly<Record<string, KeyAct<Intent>>>;

/** Returns the attributes of each part for a state. `key` is the key of an item. */
export interface Semantics<State, Options, Intent> {
  /** Returns the attributes of the root. */
  root?(state: State, view: View<Options>): Attributes | undefined;
  /** Returns the attributes of the list of items. */
  list?(state: State, view: View<Options>): Attributes | undefined;
  /** Returns the attributes of a control. `intent`: the meaning of its command. */
  opener?(state: State, view: View<Options>, intent: Intent | undefined): Attributes | undefined;
  /** Returns the attributes of an item. */
  item?(state: State, view: View<Options>, key: string): Attributes | undefined;
  /** Returns the attributes of an item's panel. */
  panel?(state: State, view: View<Options>, key: string): Attributes | undefined;
}

/**
 * A contract: the part of a pattern that every page needs. Its texts are a separate value, its `Notes`, which
 * only documents and tools load.
 */
export interface Contract<State extends object, Options = object, Intent extends string = string> {
  /** The name of the pattern, such as `dialog`. */
  name: string;
  /** The kind of value of each option: checked when it is wired, and used by its element. */
  options?: OptionKinds;
  /** The intent of each invoker command. The key '' is for a click without a command. */
  commands: Readonly<Record<string, Intent>>;
  /**
   * States that no guard is called about, because they follow the user directly, as typing and moving do.
   *
   * @defaultValue none
   */
  free?: readonly (keyof State)[];
  /**
   * Options that it is created with: if one of them changes, it is created again, and a layer is when it is
   * next closed. A function that replaces a function doesn't count.
   *
   * @defaultValue none. All options are read when they are needed
   */
  fixed?: readonly string[];
  /**
   * Returns the state that the markup shows now.
   *
   * @param view - The values read from the page.
   * @returns The state.
   */
  read(view: View<Options>): State;
  /**
   * The states that attributes show, by attribute: if other code changes the attribute, the state is read
   * again.
   *
   * @defaultValue none
   */
  attributeStates?: Readonly<Record<string, keyof State & string>>;
  /**
   * Returns the states that the platform or a user has changed before wiring.
   *
   * @defaultValue none
   */
  adopted?(view: View<Options>): Partial<State>;
  /**
   * Applies the rules that hold for every request to the state that follows `before`, and returns the same
   * object if it is valid.
   *
   * @defaultValue every state is valid
   */
  correct?(state: State, view: View<Options>, before: State): State;
  /**
   * Returns the next state, or the same object if nothing changes.
   *
   * @param state - The present state.
   * @param intent - The requested intent.
   * @param view - The values read from the page.
   * @returns The next state.
   */
  step(state: State, intent: Intent, view: View<Options>): State;
  /**
   * Returns the keys of the items whose attributes may differ between two states, or undefined for all. Then
   * only those are written, however many items there are.
   *
   * @defaultValue all
   */
  touches?(before: State, after: State, view: View<Options>): Iterable<string> | undefined;
  /** Returns the attributes of each part for a state. */
  semantics: Semantics<State, Options, Intent>;
}

/** A contract whose initial state only the page can show, so the pattern reads it. */
export type ContractWithoutRead<
  State extends object,
  Options = object,
  Intent extends string = string,
> = Omit<Contract<State, Options, Intent>, 'read'>;

/** Who handles a key: the browser or the engine. */
export type KeyOwner = 'browser' | 'engine';

/** The description of one option. */
export interface OptionNote {
  /** The name of the option. */
  name: string;
  /** The values that it takes, in words. */
  values: string;
  /** Its type, in TypeScript. */
  type: string;
  /** The value that is used if the option is omitted. */
  default: string;
  /** What the option does, in one or two sentences. */
  does: string;
  /** An example of the option, as it is written in the object of options. */
  example: string;
}

/** The texts of a contract: for documents, the command line and the conformance tests. */
export interface Notes<Part extends string = string> {
  /** The name of the pattern. */
  name: string;
  /** Its group in documents: layers, sections or controls. */
  group: 'layer' | 'section' | 'control';
  /**
   * Words that people search for, in addition to those of its page.
   *
   * @defaultValue none
   */
  keywords?: string;
  /** Its purpose, in one sentence. */
  summary: string;
  /** When to use it. */
  for: string;
  /** Uses for which another pattern is better, with its name. */
  not: string;
  /** The standard that it follows. */
  standard: string;
  /** Its parts, by name. */
  parts: Record<Part, { is: string; required: boolean; why: string }>;
  /** Its keys, in the order of documents. */
  keys: readonly { on: Part; key: string; does: string; by: KeyOwner }[];
  /** What a click on each part does. */
  presses: readonly { on: Part | 'outside'; does: string }[];
  /** Its states. */
  states: readonly { name: string; type: string; first: string; shown: string }[];
  /** The methods of its handle. */
  methods: readonly { name: string; does: string }[];
  /** The commands that a control can send. `value`: the meaning of its attribute `value`. */
  commands: readonly { name: string; does: string; value?: string }[];
  /** Its options. */
  options: readonly OptionNote[];
  /** What it guarantees, each in a sentence. */
  guarantees: readonly string[];
}
