// The shape of a contract: what a pattern is, as data and pure functions. The engine is its only caller.
import type { Item } from '../collection/items.js';
import type { Move, MoveRules } from '../collection/movement.js';
import type { OptionKinds } from './options.js';

/** Attributes to stand on a part: a text, or null for none. What is not named is left alone. */
export type Attributes = Record<string, string | null>;

/** What a contract may read of the root: an element, said without the DOM's types. */
export interface RootView {
  readonly id: string;
  readonly localName: string;
  getAttribute(name: string): string | null;
  hasAttribute(name: string): boolean;
}

/** What the engine has read of the page for this turn: for every pattern. A pattern may declare more, as a tree does. */
export interface View<Options = object> {
  readonly root: RootView;
  readonly options: Options;
  /** The items that can be gone to, in order; none where the pattern has no items. */
  readonly items: readonly Item[];
  /** The key of the item that an intent is about. */
  readonly at?: string | undefined;
}

/** What patterns with items read besides: the list service fills it in. */
export interface ItemsView<Options = object> extends View<Options> {
  /** The key of the item that has focus. */
  readonly current?: string | undefined;
  /** Where a range of selected items begins. */
  readonly anchor?: string | undefined;
  /** How the keys move, for tools that tell what a key would do. */
  readonly moves?: MoveRules | undefined;
  /** For semantics: the id of the item that a panel belongs to. */
  readonly labelledBy?: string | undefined;
  /** For semantics: the platform gives this item its role and state itself, as it does a <summary>. */
  readonly native?: boolean;
}

/** A view as the services of a pattern write it. */
export type Writable<V> = { -readonly [N in keyof V]: V[N] };

/** A key that goes to another item. Without `then` only focus moves; with it, that is asked of the item. */
export interface MoveAct<Intent extends string = string> {
  readonly to: Move;
  readonly then?: Intent;
}

/** What a key does: asks something of the item that it is pressed on, or goes to another. */
export type KeyAct<Intent extends string = string> = Intent | MoveAct<Intent>;

/** What keys do, by chord: `block-next`, `Shift+Space`, `Control+a`. */
export type KeyActs<Intent extends string = string> = Readonly<Record<string, KeyAct<Intent>>>;

/** Which attributes each part should have now, for a state. `key` is the item's. */
export interface Semantics<State, Options, Intent> {
  root?(state: State, view: View<Options>): Attributes | undefined;
  list?(state: State, view: View<Options>): Attributes | undefined;
  /** `intent`: what the control's command means here. */
  opener?(state: State, view: View<Options>, intent: Intent | undefined): Attributes | undefined;
  item?(state: State, view: View<Options>, key: string): Attributes | undefined;
  panel?(state: State, view: View<Options>, key: string): Attributes | undefined;
}

/**
 * A pattern. The live half, below, ships; the words about it are its `Notes`, a value of their own
 * beside it, so that an application that shows no documents carries none.
 */
export interface Contract<State extends object, Options = object, Intent extends string = string> {
  name: string;
  /** What each option takes: checked when it is wired, and read by its element. */
  options?: OptionKinds;
  /** The intent of each invoker command; that of a press without one stands under ''. */
  commands: Readonly<Record<string, Intent>>;
  /**
   * States that no guard is asked about: they follow the user's own hand, as typing and moving do.
   *
   * @defaultValue none
   */
  free?: readonly (keyof State)[];
  /**
   * Options that it is made with: when one of them becomes another it is made anew, what opens above the page
   * while it is closed. A function that takes another's place is no other.
   *
   * @defaultValue none; all are looked at when they count
   */
  fixed?: readonly string[];
  /** The state that the markup shows, now. */
  read(view: View<Options>): State;
  /**
   * States that attributes say, by the attribute: when somebody else writes one, that state is read again.
   *
   * @defaultValue none
   */
  attributeStates?: Readonly<Record<string, keyof State & string>>;
  /**
   * What of the state the platform or a user has brought about before it was wired.
   *
   * @defaultValue nothing
   */
  adopted?(view: View<Options>): Partial<State>;
  /**
   * The state under the rules that hold whoever asks for it, after `before`; the same object where it keeps them.
   *
   * @defaultValue any state does
   */
  correct?(state: State, view: View<Options>, before: State): State;
  /** The next state; the same object when nothing changes. */
  step(state: State, intent: Intent, view: View<Options>): State;
  /**
   * The keys of the items whose attributes may differ between two states; undefined for any. Then only those are
   * written, however many items there are.
   *
   * @defaultValue any
   */
  touches?(before: State, after: State, view: View<Options>): Iterable<string> | undefined;
  semantics: Semantics<State, Options, Intent>;
}

/** A contract whose first state only the page knows: the pattern reads it. */
export type ContractWithoutRead<
  State extends object,
  Options = object,
  Intent extends string = string,
> = Omit<Contract<State, Options, Intent>, 'read'>;

/** Who acts on a key: the browser's own behaviour, or the engine. */
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

/** The words of a contract: for documents, the command line and the conformance tests. */
export interface Notes<Part extends string = string> {
  name: string;
  /** Where documents show it: with what opens above the page, with what shows content in place, or with controls. */
  group: 'layer' | 'section' | 'control';
  /** One sentence: what it is for. */
  summary: string;
  /** When to use it. */
  for: string;
  /** What should be another pattern, which is named. */
  not: string;
  standard: string;
  parts: Record<Part, { is: string; required: boolean; why: string }>;
  keys: readonly { on: Part; key: string; does: string; by: KeyOwner }[];
  presses: readonly { on: Part | 'outside'; does: string }[];
  states: readonly { name: string; type: string; first: string; shown: string }[];
  /** What a program calls on the Wired. */
  methods: readonly { name: string; does: string }[];
  /** What a control asks for by its attribute `command`; `value`: what its attribute `value` says. */
  commands: readonly { name: string; does: string; value?: string }[];
  options: readonly OptionNote[];
  guarantees: readonly string[];
}
