// Selection: which keys are chosen, none, one or several, with ranges. Nothing changed: the same set.
import { indexOf, type Item } from './items.js';
import { touchedKeys } from './touched.js';

/** What is selected: a key or nothing; where several may be, a set of keys. */
export type Chosen = string | undefined | ReadonlySet<string>;

const none: ReadonlySet<string> = new Set();

/** The keys that are selected, as a set. */
export const keysOf = (chosen: Chosen): ReadonlySet<string> =>
  typeof chosen === 'string' ? new Set([chosen]) : (chosen ?? none);

/** Keys as they may be given: a list of them, or a text with spaces between. */
export const keysIn = (given: Iterable<string>): string[] =>
  typeof given === 'string' ? given.split(/\s+/).filter(Boolean) : [...given];

/** Whether an item is selected. */
export const holds = (chosen: Chosen, key: string): boolean =>
  typeof chosen === 'object' ? chosen.has(key) : chosen === key;

/** `keys` as a selection of one or of several is told. */
export const chosenOf = (keys: ReadonlySet<string>, multiple: boolean): Chosen =>
  multiple ? keys : [...keys][0];

/** What is selected, typed by whether several may be. */
export type Selected<Multiple extends boolean> = Multiple extends true
  ? ReadonlySet<string>
  : string | undefined;

/** The keys that are in one of two selections only. */
export const touchedChosen = (before: Chosen, after: Chosen): readonly string[] =>
  before === after ? [] : touchedKeys(keysOf(before), keysOf(after));

/** How many may be selected. */
export type SelectionMode = 'none' | 'single' | 'multiple';

/** What is selected, and where a range begins. */
export interface Selection {
  keys: ReadonlySet<string>;
  /** Where a range begins. */
  anchor?: string | undefined;
}

/** True when both hold the same keys. */
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

/** `key` alone. */
export const selectOnly = (
  selection: Selection,
  items: readonly Item[],
  key: string,
  mode: SelectionMode,
): Selection => (mode === 'none' || !canSelect(items, key) ? selection : become(selection, [key], key));

/** `key` in or out; in a single selection out of the others. */
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

/** From the anchor to `key`, those that can be selected; without an anchor `key` alone. Single: `key` alone. */
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

/** All that can be selected. */
export const selectAll = (selection: Selection, items: readonly Item[], mode: SelectionMode): Selection =>
  mode === 'multiple'
    ? become(
        selection,
        items.filter((item) => !item.disabled).map((item) => item.key),
        selection.anchor,
      )
    : selection;
