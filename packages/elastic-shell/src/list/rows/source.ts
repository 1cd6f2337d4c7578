// What lists are given: items as data, keys that are selected or open at first.
import type { Cell } from '../../core/cell.js';
import type { Item } from '../../core/collection/items.js';
import { type Chosen, keysIn, keysOf, type Selected } from '../../core/collection/selection.js';
import { tell } from '../../core/report.js';
import { described, isCell } from '../../engine/dom.js';
import { storeOf } from '../../engine/store.js';
import type { KeysOption } from '../../engine/types.js';

/** Items as data: a list, or a cell that is followed. */
export type ItemsOption<I> = readonly I[] | Cell<readonly I[]>;

/** The items that an option holds now. */
export const itemsIn = <I>(option: ItemsOption<I>): readonly I[] =>
  isCell<readonly I[]>(option) ? storeOf<readonly I[]>(option, []).get() : option;

/** Items that an option gives, followed: now by one list or store, later perhaps by another. */
export interface Feed<I> {
  /** The option is this now: what it holds is told, and followed from then on. */
  become(option: ItemsOption<I> | undefined): void;
  release(): void;
}

/** Has `changed` called with each later list of `option`, and with what later options hold. */
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

/** Has `changed` called with each later list, until released. */
export const followItems = <I>(
  option: ItemsOption<I> | undefined,
  changed: (items: readonly I[]) => void,
): (() => void) =>
  isCell<readonly I[]>(option)
    ? storeOf<readonly I[]>(option, []).subscribe((items) => changed(items))
    : () => {};

/**
 * What is selected as an option gives it, typed by whether several may be: a key; with several a text of keys with
 * spaces between, or a list of them; or a cell.
 */
export type SelectedOption<Multiple extends boolean> =
  (Multiple extends true ? Iterable<string> : string) | Cell<Selected<Multiple>>;

/** Either of the two, where it is not known whether several may be selected. */
export type ChosenOption = Iterable<string> | Cell<Chosen>;

/** A first selection as the option gives it; a cell as it is. */
export function firstChosen(option: ChosenOption | Chosen, multiple: boolean): Chosen | Cell<Chosen> {
  if (option === undefined || isCell<Chosen>(option)) return option;
  if (multiple) return new Set(keysIn(option));
  return typeof option === 'string' ? option : [...option][0];
}

/** A set of keys as an option gives it; a cell as it is. */
export const firstKeys = (
  option: KeysOption | undefined,
): ReadonlySet<string> | Cell<ReadonlySet<string>> | undefined =>
  option === undefined || isCell<ReadonlySet<string>>(option) ? option : new Set(keysIn(option));

/** What a first selection is now, where an option gives one. */
export const chosenNow = (wish: Chosen | Cell<Chosen>, otherwise: Chosen): Chosen =>
  wish === undefined ? otherwise : isCell<Chosen>(wish) ? storeOf<Chosen>(wish, otherwise).get() : wish;

/** The keys of a first selection, as a set. */
export const keysNow = (wish: Chosen | Cell<Chosen>): ReadonlySet<string> =>
  keysOf(chosenNow(wish, undefined));

/** Where the rows of data show their place in the whole. */
export const positionOf = (items: readonly Item[], at: number): Record<string, string> => ({
  'aria-posinset': `${at + 1}`,
  'aria-setsize': `${items.length}`,
});

/** A label is a text, or is left out. */
function checkLabel(list: Element, { label }: Item, at: number): void {
  if (label === undefined || typeof label === 'string') return;
  throw new TypeError(
    `elastic-shell: item ${at} of ${described(list)} needs a text as its label, got ${described(label)}`,
  );
}

/**
 * `items` without those whose key has come before: that is told to the journal. Throws a TypeError when it is no list,
 * or an item has no key.
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
