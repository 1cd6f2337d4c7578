// What a list asks of its pattern, and what it offers to it.
import type { LettersRule } from './letters.js';
import type { Item } from '../core/collection/items.js';
import type { MoveRules } from '../core/collection/movement.js';
import type { Attributes, KeyActs } from '../core/contract/contract.js';
import type { Part } from '../engine/attribute-writer.js';
import type { Service } from '../engine/service.js';
import type { Cause, Change, ChangeOf } from '../engine/types.js';
import type { Cursor } from './cursor.js';
import type { Items, MarkupItems } from './items.js';
import type { PanelRules } from './panels.js';

/** What a pattern says about its items. */
export interface ListRules<S, I extends string> {
  items: Items;
  /** Which item is current. Default: the one with focus. */
  cursor?: Cursor;
  /** The element that holds the items. Default: the root. */
  box?: HTMLElement;
  /** The element that keeps focus and names the current item; without one the items themselves take focus. */
  holder?: HTMLElement;
  /** With a holder: the item that keys go from. Default: the current one. */
  from?(): string | undefined;
  /** Which item has the tab stop while none is current, best first; `every`: each is a stop of its own. */
  stop: 'every' | ((state: S) => Iterable<string | undefined>);
  /** How keys move; where disabled items can be reached, one may have the tab stop. */
  moves?: MoveRules;
  /** The items that keys and the tab stop can reach. Default: all. */
  reach?(): readonly Item[];
  keys(): KeyActs<I>;
  /**
   * Whether the item with focus needs a key itself, as a text field does.
   *
   * @defaultValue no item does
   */
  keeps?(event: KeyboardEvent): boolean;
  /** Has a key do what no intent says; true when it has, or when the browser shall. */
  act?(intent: I, item: Item | undefined, event: KeyboardEvent): boolean;
  /** The intent of a press on an item. */
  press(event: MouseEvent, item: Item): I | undefined;
  /**
   * Whether an intent keeps the place where a range of selected items began.
   *
   * @defaultValue none does
   */
  extends?(intent: I): boolean;
  /**
   * Whether items exist that a filter hides, so that a state may name one that is not here.
   *
   * @defaultValue false
   */
  filters?: boolean;
  /** What letters do. Default: nothing. */
  letters?: LettersRule<I>;
  /** How many items lie side by side: moves by a row go as many items. Default: 1. */
  columns?(): number;
  itemParts?(item: Item, element: HTMLElement): Attributes | undefined;
  /** Other elements that go with an item. */
  beside?(item: Item, element: HTMLElement): readonly Part[];
  /** What the attributes of all items follow beside the state. Default: the items themselves. */
  follows?(): unknown;
  /** The panels of items in markup. */
  panels?: PanelRules & { items: MarkupItems };
  /** Items came, went or changed in the markup: the state has to follow. */
  changed?(items: readonly Item[]): void;
}

/** The items of one root, served. */
export interface List<S> extends Service<S> {
  aim(intent: string, cause: Cause): string | undefined;
  parts(): Part[];
  /** What came before it in the state is over: an item was made current. */
  show(change: ChangeOf<S>): void;
  release(): void;
  /** Focus on the item of the tab stop. */
  focus(): void;
  /** The id of the current item, where that is on the page. */
  activeId(): string | undefined;
  panelOf(key: string): HTMLElement | undefined;
  /** Brings the current item into view with the next drawing. */
  reveal(): void;
  /** What is shown of these items is worked out again with the next drawing; without keys, of all. */
  touch(...keys: readonly string[]): void;
  /** The items are others now: what was current is looked for among them. */
  moved(before: readonly Item[]): void;
}

/** The same, for whoever asks something of an item. */
export interface IntendingList<S, I extends string> extends List<S> {
  /** Has `intent` happen on the item of `at`, and brings the current item into view. */
  intend(intent: I, at: string | undefined, reason: Change['reason'], event?: Event): void;
}
