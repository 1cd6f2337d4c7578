// Where the rows of a list come from: the author's markup, or the option `items`.
import type { Cell } from '../../core/cell.js';
import type { Item } from '../../core/collection/items.js';
import { type Chosen, keysOf } from '../../core/collection/selection.js';
import { tell } from '../../core/report.js';

/** Items as data: a list, or a cell that is followed. */
export type ItemsOption<I> = readonly I[] | Cell<readonly I[]>;

/** The items that an option holds now. */
export const itemsIn = <I>(option: ItemsOption<I>): readonly I[] => ('get' in option ? option.get() : option);

/** Has `changed` called with each later list, until released. */
export const followItems = <I>(
  option: ItemsOption<I> | undefined,
  changed: (items: readonly I[]) => void,
): (() => void) => (option && 'subscribe' in option ? option.subscribe((items) => changed(items)) : () => {});

/** Keys as an option gives them: one, several (a text of keys with spaces between, or a list), or a cell. */
export type KeysOption = Iterable<string> | Cell<Chosen> | undefined;

/** A first selection as the option gives it; a cell as it is. */
export function firstChosen(option: KeysOption, multiple: boolean): Chosen | Cell<Chosen> {
  if (option === undefined || (typeof option === 'object' && 'subscribe' in option)) return option;
  if (!multiple) return typeof option === 'string' ? option : [...option][0];
  return new Set(typeof option === 'string' ? option.split(/\s+/).filter(Boolean) : option);
}

/** A set of keys as an option gives it; a cell as it is. */
export function firstKeys(
  option: Iterable<string> | Cell<ReadonlySet<string>> | undefined,
): ReadonlySet<string> | Cell<ReadonlySet<string>> | undefined {
  if (option === undefined || (typeof option === 'object' && 'subscribe' in option)) return option;
  return keysOf(firstChosen(option, true) as Chosen);
}

/** What a first selection is now, where an option gives one. */
export const chosenNow = (wish: Chosen | Cell<Chosen>, otherwise: Chosen): Chosen =>
  wish === undefined ? otherwise : typeof wish === 'object' && 'subscribe' in wish ? wish.get() : wish;

/** Where the rows of data show their place in the whole. */
export const positionOf = (items: readonly Item[], at: number): Record<string, string> => ({
  'aria-posinset': `${at + 1}`,
  'aria-setsize': `${items.length}`,
});

/** `items` without those whose key has come before: that is told to the journal. */
export function unlike<I extends Item>(list: Element, items: readonly I[]): readonly I[] {
  const seen = new Set<string>();
  for (const { key } of items) seen.add(key);
  if (seen.size === items.length) return items;
  seen.clear();
  return items.filter(({ key }) => {
    if (seen.has(key)) tell('key-duplicate', list, key);
    return !seen.has(key) && seen.add(key);
  });
}
