// Wires a listbox: `wireListbox`.
import { indexOf, type Item } from '../../core/collection/items.js';
import { type Chosen, chosenOf, keysOf, type Selected } from '../../core/collection/selection.js';
import { listbox, type ListboxChoices, listboxKeys } from '../../core/contract/listbox.js';
import { isExtending, type Selecting, type SelectIntent } from '../../core/contract/selecting.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { type Engine, type Service, wire } from '../../engine/engine.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, CommonOptions, Wired } from '../../engine/types.js';
import { takePart } from '../../form/form.js';
import { stateCursor } from '../../list/cursor.js';
import { labelIn, type MarkupItems, markupItems } from '../../list/items.js';
import { lettersTo } from '../../list/letters.js';
import { list } from '../../list/list.js';
import { type DataRows, dataRows, type RowOptions } from '../../list/rows/data-rows.js';
import { columnsOf, gridOf } from '../../list/rows/grid.js';
import {
  chosenNow,
  type ChosenOption,
  firstChosen,
  feedOf,
  itemsIn,
  type ItemsOption,
  positionOf,
  type SelectedOption,
  unlike,
} from '../../list/rows/source.js';
import { type SelectMethods, selectMethods } from '../../list/methods.js';

/** The states of a listbox. The type parameter specifies whether several options can be selected. */
export interface ListboxState<Multiple extends boolean = boolean> {
  /** The key of the selected option, or undefined; with `multiple`, a set of keys. */
  selected: Selected<Multiple>;
  /** The key of the current option. */
  current: string | undefined;
}

/**
 * The options of a listbox. The type parameters are the type of its items, and whether several options can be
 * selected.
 */
export interface ListboxOptions<I extends Item = Item, Multiple extends boolean = false>
  extends CommonOptions<ListboxState<Multiple>>, Omit<ListboxChoices, 'multiple'>, RowOptions<I> {
  /**
   * Specifies whether several options can be selected.
   *
   * @defaultValue `aria-multiselectable`, or false
   * @example { multiple: true }
   */
  multiple?: Multiple;
  /**
   * Sets the selection: a key, or several keys with `multiple`. It is an initial value, or a cell that is
   * read and written.
   *
   * @defaultValue the markup
   * @example { selected: 'ketch' }
   */
  selected?: SelectedOption<Multiple>;
  /**
   * Called after the selection has changed, with the new selection.
   *
   * @defaultValue none
   * @example { onSelected: (selected) => save(selected) }
   */
  onSelected?: (selected: Selected<Multiple>) => void;
  /**
   * Sets the options as data: an array of `{ key, label, disabled, description, group }`, or a cell with such
   * an array.
   *
   * @defaultValue none
   * @example { items: [{ key: 'ketch', label: 'Ketch' }] }
   */
  items?: ItemsOption<I>;
  /**
   * Sets the name under which a form submits the selected keys.
   *
   * @defaultValue the attribute `data-name` of the root. Without either, forms don’t submit it
   * @example { name: 'boat' }
   */
  name?: string;
}

/**
 * A wired listbox: its states and methods. The key of an option is its `data-key`, `id` or index, in that
 * order.
 */
export interface Listbox<Multiple extends boolean = false>
  extends Wired<ListboxOptions<Item, Multiple>>, Cells<ListboxState<Multiple>>, SelectMethods {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireListbox`. */
    listbox: ListboxOptions<Item, boolean>;
  }
}
registerPattern(listbox.name, listbox.options, wireListbox);

/** The options as the service sees them: with one type of item, and one or several selected. */
interface Settings extends CommonOptions<Selecting>, ListboxChoices, RowOptions<Item> {
  selected?: ChosenOption | Chosen;
  items?: ItemsOption<Item>;
  name?: string;
}

type ListboxEngine = Engine<Selecting, Settings, SelectIntent>;

/** Renders the rows from data, as a list or a grid. */
const rowsOf = (root: HTMLElement, settings: Settings): DataRows<Item> | undefined => {
  if (!settings.items) return undefined;
  // Checked first: invalid items should have no effects.
  const items = unlike(root, itemsIn(settings.items));
  const data = dataRows(root, settings, { grid: settings.layout === 'grid' ? gridOf : undefined });
  data.set(items);
  return data;
};

function serve(engine: ListboxEngine, source: MarkupItems, first: Chosen): Service<Selecting> {
  const { root, options } = engine;
  const { items: given, multiple = false } = options;
  const isGrid = options.layout === 'grid';
  const data = rowsOf(root, options);
  const items = data ?? source;
  const parts = list(engine, listbox, {
    items,
    cursor: stateCursor(engine),
    stop: ({ selected }) => keysOf(selected),
    moves: {
      reachDisabled: true,
      passDisabled: true,
      get wrap() {
        return options.wrap ?? false;
      },
    },
    extends: isExtending,
    keys: () => listboxKeys(options),
    letters: lettersTo('go'),
    press: ({ shiftKey }) => (shiftKey && multiple ? 'extend' : 'pick'),
    columns: () => (isGrid ? data?.across() || columnsOf(items) : 1),
    itemParts: ({ key }) => (data ? positionOf(data.items(), indexOf(data.items(), key)) : {}),
  });
  const feed = feedOf(given, (next) => {
    const before = items.items();
    data?.set(unlike(root, next));
    parts.moved(before);
  });
  const leave = takePart(root, {
    name: options.name ?? root.dataset['name'],
    value: () => [...keysOf(engine.state().selected)],
    reset: () => engine.reset({ selected: first }),
  });
  return {
    ...parts,
    parts: () => [[root, isGrid ? { 'data-layout': 'grid' } : {}], ...parts.parts()],
    stands: () => data?.stands() ?? true,
    update(names) {
      if (names.has('render')) data?.renderAgain();
      if (names.has('items') && data) feed.become(options.items);
    },
    release() {
      parts.release();
      feed.release();
      leave();
      data?.release();
    },
  };
}

/**
 * Wires a listbox: options in the markup of `root`, or rendered from `items`. Follows the WAI-ARIA listbox
 * pattern.
 *
 * @param root - The element with role="listbox".
 * @param own - The options.
 * @returns The wired listbox.
 * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export function wireListbox<I extends Item = Item, const Multiple extends boolean = false>(
  root: HTMLElement,
  own?: ListboxOptions<I, Multiple>,
): Listbox<Multiple>;
/** Internally, items have any type, and one or several options may be selected. */
export function wireListbox(root: HTMLElement, own?: Settings): Wired & SelectMethods {
  const given = optionsOf<Settings>(listbox, own, root);
  const multiple = given.multiple ?? root?.ariaMultiSelectable === 'true';
  const orientation =
    given.orientation ?? (root?.ariaOrientation === 'horizontal' ? 'horizontal' : undefined);
  const selected = firstChosen(given.selected, multiple);
  const source = markupItems(root, () => root.querySelectorAll<HTMLElement>('[role=option]'), {
    labelOf: labelIn,
  });
  const read = (): Selecting => ({
    current: undefined,
    selected: chosenOf(
      new Set(source.all().flatMap(({ element, key }) => (element.ariaSelected === 'true' ? [key] : []))),
      multiple,
    ),
  });
  const settings: Settings = {
    ...given,
    multiple,
    ...(orientation && { orientation }),
    ...(selected !== undefined && { selected }),
  };
  const wired = wire<Selecting, Settings, SelectIntent>(
    root,
    { ...listbox, read, attributeStates: given.items ? {} : { 'aria-selected': 'selected' } },
    settings,
    (engine) => serve(engine, source, chosenNow(selected, engine.state().selected)),
  );
  return keepWired({ ...wired, ...selectMethods(wired.selected, multiple) });
}
