// The values that lists accept: items as data, and keys that are selected or expanded initially.
import type { Cell } from '../../core/cell.js';
import type { Item } from '../../core/collection/items.js';
import { type Chosen, keysIn, keysOf, type Selected } from '../../core/collection/selection.js';
import { tell } from '../../core/report.js';
import { described, isCell } from '../../engine/dom.js';
import { storeOf } from '../../engine/store.js';
import type { KeysOption } from '../../engine/types.js';

/** Items as data: a list, or a cell, which is followed. */
export type ItemsOption<I> = readonly I[] | Cell<readonly I[]>;

/** Returns the current items of an option. */
export const itemsIn = <I>(option: ItemsOption<I>): readonly I[] =>
  isCell<readonly I[]>(option) ? storeOf<readonly I[]>(option, []).get() : option;

/** Follows the items of an option, which may be another list or store later. */
export interface Feed<I> {
  /** Takes a new value of the option: reports its items, and follows it. */
  become(option: ItemsOption<I> | undefined): void;
  release(): void;
}

/** Calls `changed` with each later list of `option`, and with the items of later options. */
export function feedOf<I>(
  option: ItemsOption<I> | undefined,
  changed: (items: readonly I[]) => void,
): Feed<I> {
  let stop = followItems(option, changed);
  return {
    become(next) {
      stop();
      stop = followItems(next, changed);
      if (next) changed(itemsIn(next));
    },
    release: () => stop(),
  };
}

/** Calls `changed` with each later list, until released. */
export const followItems = <I>(
  option: ItemsOption<I> | undefined,
  changed: (items: readonly I[]) => void,
): (() => void) =>
  isCell<readonly I[]>(option)
    ? storeOf<readonly I[]>(option, []).subscribe((items) => changed(items))
    : () => {};

/**
 * The selection as an option accepts it. Without `multiple` it is a key; with `multiple` it is a text of keys
 * separated by spaces, or a list of keys. It may also be a cell.
 */
export type SelectedOption<Multiple extends boolean> =
  (Multiple extends true ? Iterable<string> : string) | Cell<Selected<Multiple>>;

/** A selection when `multiple` is not known. */
export type ChosenOption = Iterable<string> | Cell<Chosen>;

/** Returns the initial selection of an option. A cell is returned as it is. */
export function firstChosen(option: ChosenOption | Chosen, multiple: boolean): Chosen | Cell<Chosen> {
  if (option === undefined || isCell<Chosen>(option)) return option;
  if (multiple) return new Set(keysIn(option));
  return typeof option === 'string' ? option : [...option][0];
}

/** Returns the set of keys of an option. A cell is returned as it is. */
export const firstKeys = (
  option: KeysOption | undefined,
): ReadonlySet<string> | Cell<ReadonlySet<string>> | undefined =>
  option === undefined || isCell<ReadonlySet<string>>(option) ? option : new Set(keysIn(option));

/** Returns the current value of an initial selection, if an option gives one. */
export const chosenNow = (wish: Chosen | Cell<Chosen>, otherwise: Chosen): Chosen =>
  wish === undefined ? otherwise : isCell<Chosen>(wish) ? storeOf<Chosen>(wish, otherwise).get() : wish;

/** Returns the keys of an initial selection as a set. */
export const keysNow = (wish: Chosen | Cell<Chosen>): ReadonlySet<string> =>
  keysOf(chosenNow(wish, undefined));

/** Where the rows from data show their position among all items. */
export const positionOf = (items: readonly Item[], at: number): Record<string, string> => ({
  'aria-posinset': `${at + 1}`,
  'aria-setsize': `${items.length}`,
});

/** A label is a text, or missing. */
function checkLabel(list: Element, { label }: Item, at: number): void {
  if (label === undefined || typeof label === 'string') return;
  throw new TypeError(
    `elastic-shell: item ${at} of ${described(list)} needs a text as its label, got ${described(label)}`,
  );
}

/**
 * Returns `items` without those whose key has occurred before, which are reported to the journal. Throws a
 * TypeError if it isn't a list, or an item has no key.
 */
export function unlike<I extends Item>(list: Element, items: readonly I[]): readonly I[] {
  if (!Array.isArray(items))
    throw new TypeError(
      `elastic-shell: items of ${described(list)} must be an array, got ${described(items)}`,
    );
  const seen = new Set<string>();
  items.forEach((item, at) => {
    if (typeof item?.key !== 'string')
      throw new TypeError(
        `elastic-shell: item ${at} of ${described(list)} needs a text as its key, got ${described(item)}`,
      );
    checkLabel(list, item, at);
    seen.add(item.key);
  });
  if (seen.size === items.length) return items;
  seen.clear();
  return items.filter(({ key }) => {
    if (seen.has(key)) tell('key-duplicate', list, { key });
    return !seen.has(key) && seen.add(key);
  });
}
