// The listbox on an element: `wireListbox`.
import type { Cell } from '../../core/cell.js';
import { indexOf, type Item } from '../../core/collection/items.js';
import { type Chosen, chosenOf, holds, keysOf } from '../../core/collection/selection.js';
import { listbox, type ListboxChoices, listboxChoices, listboxKeys } from '../../core/contract/listbox.js';
import type { Selecting } from '../../core/contract/selecting.js';
import { wire } from '../../engine/engine.js';
import { takePart } from '../../form/form.js';
import { itemsOf, labelIn } from '../../list/items.js';
import { list } from '../../list/list.js';
import { optionsOf } from '../../engine/options.js';
import { dataRows, type RowOptions } from '../../list/rows/data-rows.js';
import { columnsOf, gridOf } from '../../list/rows/grid.js';
import { markupRows } from '../../list/rows/rows.js';
import {
  chosenNow,
  firstChosen,
  followItems,
  itemsIn,
  type ItemsOption,
  type KeysOption,
  positionOf,
  unlike,
} from '../../list/rows/source.js';
import type { CommonOptions, Wired } from '../../engine/types.js';

export interface ListboxOptions<I extends Item = Item> extends CommonOptions, ListboxChoices, RowOptions<I> {
  /** What is selected: a key, with `multiple` keys; or a cell. Default: as the markup shows. */
  selected?: KeysOption;
  /** Options as data, or a cell of them. Default: none; the markup holds them. */
  items?: ItemsOption<I>;
  /** The name under which the selected keys are sent with a form. Default: the attribute data-name; without either, none are. */
  name?: string;
}

export interface Listbox extends Wired {
  /** A key or undefined; with `multiple`, a set of keys. An option's key is its data-key, else id, else place from 0. */
  readonly selected: Cell<Chosen>;
  /** The key of the option that keys act on. */
  readonly current: Cell<string | undefined>;
  /** Selects an option; with `multiple`, besides the others. */
  select(key: string): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    listbox: ListboxOptions;
  }
}

/**
 * Wires a listbox: options in the markup of `root`, or made from `items`. Follows the WAI-ARIA listbox pattern.
 * Throws a TypeError when `root` is no element or is wired already, or an option's value is unknown.
 */
export function wireListbox<I extends Item = Item>(root: HTMLElement, own: ListboxOptions<I> = {}): Listbox {
  const given = optionsOf('listbox', own, listboxChoices);
  const multiple = given.multiple ?? root?.ariaMultiSelectable === 'true';
  const options = {
    ...given,
    multiple,
    orientation: given.orientation ?? (root?.ariaOrientation === 'horizontal' ? 'horizontal' : undefined),
    selected: firstChosen(given.selected, multiple),
  } as ListboxOptions;
  const source = itemsOf(root, () => root.querySelectorAll<HTMLElement>('[role=option]'), labelIn);
  const read = (): Selecting => ({
    current: undefined,
    selected: chosenOf(
      new Set(source.all().flatMap(({ element, key }) => (element.ariaSelected === 'true' ? [key] : []))),
      multiple,
    ),
  });
  const contract = { ...listbox, read };
  const wired = wire<Selecting, ListboxOptions>(root, contract, options, (engine) => {
    const { items, layout } = given;
    const isGrid = layout === 'grid';
    const data = items && dataRows<I>(root, { ...given, grid: isGrid ? gridOf : undefined });
    const rows = data ?? markupRows(root, source);
    if (data) data.set(unlike(root, itemsIn(items)));
    const first = chosenNow(options.selected as Chosen | Cell<Chosen>, engine.state().selected);
    const parts = list(engine, contract, {
      rows,
      keys: () => listboxKeys(options),
      letters: true,
      press: ({ shiftKey }) => (shiftKey && multiple ? 'range' : 'pick'),
      columns: () => (isGrid ? data?.across() || columnsOf(rows) : 1),
      digest: ({ selected }, { key }) => `${holds(selected, key)} ${rows.items().length}`,
      rowParts: ({ key }) => (data ? positionOf(data.items(), indexOf(data.items(), key)) : {}),
    });
    const unfollow = followItems(items, (next) => {
      const before = rows.items();
      data!.set(unlike(root, next));
      parts.moved(before);
    });
    const leave = takePart(root, {
      name: given.name ?? root.dataset['name'],
      value: () => [...keysOf(engine.state().selected)],
      reset: () => engine.change({ selected: first }, { reason: 'native' }, true),
    });
    return {
      ...parts,
      parts: () => [[root, isGrid ? { 'data-layout': 'grid' } : {}], ...parts.parts!()],
      release() {
        parts.release!();
        unfollow();
        leave();
        data?.release();
      },
    };
  });
  return {
    ...wired,
    select: (key) => wired.selected.set(multiple ? new Set([...keysOf(wired.selected.get()), key]) : key),
  };
}
