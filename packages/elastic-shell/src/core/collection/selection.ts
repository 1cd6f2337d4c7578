// Selection: the selected keys, none, one or several, with ranges. Without a change the same set is returned.
import { indexOf, type Item } from './items.js';
import { touchedKeys } from './touched.js';

/** A selection: a key or undefined or, if several may be selected, a set of keys. */
export type Chosen = string | undefined | ReadonlySet<string>;

const none: ReadonlySet<string> = new Set();

/**
 * Returns the selected keys as a set.
 *
 * @param chosen - The selection.
 * @returns The keys.
 */
export const keysOf = (chosen: Chosen): ReadonlySet<string> =>
  typeof chosen === 'string' ? new Set([chosen]) : (chosen ?? none);

/** Keys as options accept them: a list, or a text of keys separated by spaces. */
export const keysIn = (given: Iterable<string>): string[] =>
  typeof given === 'string' ? given.split(/\s+/).filter(Boolean) : [...given];

/**
 * Returns whether an item is selected.
 *
 * @param chosen - The selection.
 * @param key - The key.
 * @returns True if it is selected.
 */
export const holds = (chosen: Chosen, key: string): boolean =>
  typeof chosen === 'object' ? chosen.has(key) : chosen === key;

/**
 * Converts keys to a selection of one or several.
 *
 * @param keys - The keys.
 * @param multiple - Whether several may be selected.
 * @returns The selection.
 */
export const chosenOf = (keys: ReadonlySet<string>, multiple: boolean): Chosen =>
  multiple ? keys : [...keys][0];

/** A selection, typed by whether several may be selected. */
export type Selected<Multiple extends boolean> = Multiple extends true
  ? ReadonlySet<string>
  : string | undefined;

/** Returns the keys that are in only one of two selections. */
export const touchedChosen = (before: Chosen, after: Chosen): readonly string[] =>
  before === after ? [] : touchedKeys(keysOf(before), keysOf(after));

/** Whether several may be selected. */
export type SelectionMode = 'none' | 'single' | 'multiple';

/** The selection, and the start of a range. */
export interface Selection {
  keys: ReadonlySet<string>;
  /** The key at the start of the range. */
  anchor?: string | undefined;
}

/** Returns true if both sets contain the same keys. */
export function sameKeys(one: ReadonlySet<string>, other: ReadonlySet<string>): boolean {
  if (one.size !== other.size) return false;
  for (const key of one) if (!other.has(key)) return false;
  return true;
}

const become = (selection: Selection, keys: Iterable<string>, anchor: string | undefined): Selection => {
  const next = new Set(keys);
  const same = sameKeys(next, selection.keys);
  return same && anchor === selection.anchor ? selection : { keys: same ? selection.keys : next, anchor };
};

const canSelect = (items: readonly Item[], key: string): boolean => {
  const item = items[indexOf(items, key)];
  return !!item && !item.disabled;
};

/** Selects only `key`. */
export const selectOnly = (
  selection: Selection,
  items: readonly Item[],
  key: string,
  mode: SelectionMode,
): Selection => (mode === 'none' || !canSelect(items, key) ? selection : become(selection, [key], key));

/** Toggles `key`. In a single selection, the others are deselected. */
export function selectToggle(
  selection: Selection,
  items: readonly Item[],
  key: string,
  mode: SelectionMode,
): Selection {
  if (mode === 'none' || !canSelect(items, key)) return selection;
  if (selection.keys.has(key))
    return become(
      selection,
      [...selection.keys].filter((other) => other !== key),
      key,
    );
  return become(selection, mode === 'single' ? [key] : [...selection.keys, key], key);
}

/**
 * Selects the selectable keys from the start of the range to `key`, or only `key` without a range or in a
 * single selection.
 */
export function selectRange(
  selection: Selection,
  items: readonly Item[],
  key: string,
  mode: SelectionMode,
): Selection {
  const from = indexOf(items, selection.anchor);
  const to = indexOf(items, key);
  if (mode !== 'multiple' || from < 0 || to < 0) return selectOnly(selection, items, key, mode);
  const range = items.slice(Math.min(from, to), Math.max(from, to) + 1);
  return become(
    selection,
    range.filter((item) => !item.disabled).map((item) => item.key),
    selection.anchor,
  );
}

/** Selects all selectable keys. */
export const selectAll = (selection: Selection, items: readonly Item[], mode: SelectionMode): Selection =>
  mode === 'multiple'
    ? become(
        selection,
        items.filter((item) => !item.disabled).map((item) => item.key),
        selection.anchor,
      )
    : selection;
