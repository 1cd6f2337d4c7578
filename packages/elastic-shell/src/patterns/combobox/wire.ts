// The combobox on an element: `wireCombobox`.
import type { Cell } from '../../core/cell.js';
import type { Item } from '../../core/collection/items.js';
import { type Chosen, chosenOf, keysOf } from '../../core/collection/selection.js';
import { combobox, comboboxChoices, type ComboboxState } from '../../core/contract/combobox.js';
import type { Asked } from './options-source.js';
import { comboboxParts } from './parts.js';
import type { RunOptions } from './types.js';
import { run } from './controller.js';
import { wire } from '../../engine/engine.js';
import { itemsOf, labelIn } from '../../list/items.js';
import { optionsOf } from '../../engine/options.js';
import { chosenNow, firstChosen, type ItemsOption, type KeysOption } from '../../list/rows/source.js';
import type { Wired } from '../../engine/types.js';

export interface ComboboxOptions<I extends Item = Item> extends Omit<RunOptions, 'items' | 'render'> {
  /** What is selected: a key, with `multiple` keys; or a cell. Default: as the markup shows. */
  selected?: KeysOption;
  /** Options as data, a cell of them, or a function of what is searched for, whose latest answer counts. Default: none; the markup holds them. */
  items?: ItemsOption<I> | Asked<I>;
  /** Makes what stands in an option. Default: its label, and its description under it. */
  render?(item: I): Node | string;
}

export interface Combobox extends Wired {
  readonly open: Cell<boolean>;
  /** A key or undefined; with `multiple`, a set of keys. */
  readonly selected: Cell<Chosen>;
  /** What is searched for. */
  readonly query: Cell<string>;
  /** What the field says while it is closed. */
  readonly text: Cell<string>;
  readonly current: Cell<string | undefined>;
  /** Selects an option; with `multiple`, besides the others. */
  select(key: string): void;
  /** Selects nothing. */
  clear(): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    combobox: ComboboxOptions;
  }
}

/**
 * Wires a combobox: `root` holds an element with role="combobox" and a listbox. Needs structure.css for the place of the
 * list. Follows the WAI-ARIA combobox pattern. Throws a TypeError when a part is missing, `root` is no element or is
 * wired already, or an option's value is unknown.
 */
export function wireCombobox<I extends Item = Item>(
  root: HTMLElement,
  own: ComboboxOptions<I> = {},
): Combobox {
  const given = optionsOf('combobox', own, comboboxChoices as never) as RunOptions & {
    selected?: KeysOption;
  };
  const parts = comboboxParts(root);
  const multiple = !!given.multiple;
  const limit = given.limit === undefined ? undefined : Number(given.limit);
  const wish = firstChosen(given.selected, multiple);
  const options = { ...given, ...(limit && { limit }), selected: wish };
  const marked = (): { selected: Chosen; text: string } => {
    const options = parts.list.querySelectorAll<HTMLElement>('[role=option]');
    const chosen = itemsOf(parts.list, () => options, labelIn)
      .all()
      .filter(({ element }) => element.ariaSelected === 'true');
    const selected = chosenOf(new Set(chosen.map(({ key }) => key)), multiple);
    return { selected, text: multiple ? '' : (chosen[0]?.label ?? '') };
  };
  const first = marked();
  // A guard is asked about the first that changes: what is selected, not that the list closes on it.
  const read = (): ComboboxState => ({ ...first, open: false, query: '', current: undefined });
  const wired = wire<ComboboxState, RunOptions>(root, { ...combobox, read }, options, (engine) =>
    run(engine, options, parts, () => chosenNow(wish, first.selected)),
  );
  return {
    ...wired,
    select: (key) => wired.selected.set(multiple ? new Set([...keysOf(wired.selected.get()), key]) : key),
    clear: () => wired.selected.set(chosenOf(new Set(), multiple)),
  };
}
