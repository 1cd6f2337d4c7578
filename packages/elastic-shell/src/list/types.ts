// What a list needs from its pattern, and what it offers to it.
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

/** What a pattern defines about its items. */
export interface ListRules<S, I extends string> {
  items: Items;
  /** The current item. Default: the one with focus. */
  cursor?: Cursor;
  /** The element that contains the items. Default: the root. */
  box?: HTMLElement;
  /**
   * The element that keeps focus and refers to the current item. Without it, the items take focus themselves.
   */
  holder?: HTMLElement;
  /** With a holder: returns the item that keys start from. Default: the current one. */
  from?(): string | undefined;
  /**
   * Returns the items that may have the tab stop while none is current, best first. `every` makes each item a
   * tab stop.
   */
  stop: 'every' | ((state: S) => Iterable<string | undefined>);
  /** How keys move. If disabled items can be reached, one of them may have the tab stop. */
  moves?: MoveRules;
  /** The items that keys and the tab stop can reach. Default: all. */
  reach?(): readonly Item[];
  keys(): KeyActs<I>;
  /**
   * Whether the focused item needs a key itself, as a text field does.
   *
   * @defaultValue no item does
   */
  keeps?(event: KeyboardEvent): boolean;
  /** Handles a key that has no intent. Returns true if it did, or if the browser should. */
  act?(intent: I, item: Item | undefined, event: KeyboardEvent): boolean;
  /** Returns the intent of a click on an item. */
  press(event: MouseEvent, item: Item): I | undefined;
  /**
   * Whether an intent keeps the place where a range of selected items began.
   *
   * @defaultValue none does
   */
  extends?(intent: I): boolean;
  /**
   * Whether a filter hides items, so that a state may contain the key of an item that is not in the list.
   *
   * @defaultValue false
   */
  filters?: boolean;
  /** What letters do. Default: nothing. */
  letters?: LettersRule<I>;
  /** The number of items beside each other: a move by one row moves by that number. Default: 1. */
  columns?(): number;
  itemParts?(item: Item, element: HTMLElement): Attributes | undefined;
  /** Other elements that belong to an item. */
  beside?(item: Item, element: HTMLElement): readonly Part[];
  /** Returns what the attributes of all items depend on besides the state. Default: the items themselves. */
  follows?(): unknown;
  /** The panels of items in markup. */
  panels?: PanelRules & { items: MarkupItems };
  /** Called when items in the markup were added, removed or changed, so that the state can follow. */
  changed?(items: readonly Item[]): void;
}

/** A running list of items. */
export interface List<S> extends Service<S> {
  aim(intent: string, cause: Cause): string | undefined;
  parts(): Part[];
  /** Ends the typed word and the range, because code has made an item current. */
  show(change: ChangeOf<S>): void;
  release(): void;
  /** Moves focus to the item with the tab stop. */
  focus(): void;
  /** Returns the id of the current item, if it is on the page. */
  activeId(): string | undefined;
  panelOf(key: string): HTMLElement | undefined;
  /** Scrolls the current item into view with the next drawing. */
  reveal(): void;
  /** Marks the attributes of these items, or of all items, as out of date. */
  touch(...keys: readonly string[]): void;
  /** The items have changed. Looks for the previous current item among them. */
  moved(before: readonly Item[]): void;
}

/** Returns the items as other services need them. */
export interface IntendingList<S, I extends string> extends List<S> {
  /** Applies `intent` to the item of `at`, and scrolls the current item into view. */
  intend(intent: I, at: string | undefined, reason: Change['reason'], event?: Event): void;
}
