// The options of a combobox, and the running combobox as its parts see it.
import type { Item } from '../../core/collection/items.js';
import type { MatchMode } from '../../core/collection/match.js';
import type { Chosen, Selected } from '../../core/collection/selection.js';
import type { ComboboxChoices, ComboboxIntent, ComboboxState } from '../../core/contract/combobox.js';
import type { Announcer } from '../../announce/announce.js';
import type { Engine } from '../../engine/service.js';
import type { CommonOptions, OpenOptions, StateOption } from '../../engine/types.js';
import type { RowOptions } from '../../list/rows/data-rows.js';
import type { RowLife } from '../../list/rows/row.js';
import type { ChosenOption, ItemsOption, SelectedOption } from '../../list/rows/source.js';
import type { AnchorOptions } from '../../position/anchored.js';
import type { ComboboxParts } from './parts.js';
import type { Token } from './tokens.js';
import type { ComboboxWords, Words } from './words.js';

/** The states of a combobox. The type parameter specifies whether several options can be selected. */
export interface ComboboxStates<Multiple extends boolean = boolean> extends Omit<ComboboxState, 'selected'> {
  /** The key of the selected option, or undefined; with `multiple`, a set of keys. */
  selected: Selected<Multiple>;
}

/**
 * A function that returns the options for a search text. Only the latest result is used. The signal is
 * aborted when a result is no longer needed.
 */
export type AskedItems<I> = (query: string, signal: AbortSignal) => readonly I[] | PromiseLike<readonly I[]>;

/** The options of a combobox about its items. */
interface SourceOptions<I extends Item> extends RowOptions<I> {
  /**
   * Sets the options as data: an array of `{ key, label, disabled, description, group }`, a cell with such an
   * array, or a function that gets the search text and an AbortSignal.
   *
   * The function may return a promise. Only its latest answer counts.
   *
   * @defaultValue none
   * @example { items: (query, signal) => searchBoats(query, signal) }
   */
  items?: ItemsOption<I> | AskedItems<I>;
  /**
   * Specifies how the search text matches an option. Case and accents are ignored.
   *
   * @defaultValue `contains`
   * @example { match: 'starts-with' }
   */
  match?: MatchMode | ((label: string, query: string, item: I) => unknown);
  /**
   * Sets how long typing must pause before the function `items` is called, in milliseconds.
   *
   * @defaultValue 200
   * @example { debounce: 400 }
   */
  debounce?: number;
  /**
   * Renders the content of a token: a node, a text, or `{ node, release }`.
   *
   * @defaultValue the label
   * @example { renderToken: ({ label }) => label.toUpperCase() }
   */
  renderToken?(token: Token): Node | string | RowLife<Token>;
  /**
   * Creates an option from the typed text, which the list then offers to add. It can return a promise.
   *
   * @defaultValue none
   * @example { create: (text) => ({ key: text, label: text }) }
   */
  create?(query: string): NoInfer<I> | PromiseLike<NoInfer<I>>;
}

/** The options of a combobox about forms and texts. */
interface FieldOptions {
  /**
   * Sets the name under which a form submits the selected keys or the free text.
   *
   * @defaultValue the attribute `data-name` of the root
   * @example { name: 'boat' }
   */
  name?: string;
  /**
   * Specifies whether a form requires a selection.
   *
   * @defaultValue the attribute `required` of the field
   * @example { required: true }
   */
  required?: boolean;
  /**
   * Sets its texts: count, none, add, added, removed, full, remove, chosen, loading, failed, retry and
   * required.
   *
   * @defaultValue English
   * @example { messages: { none: () => 'Kein Treffer' } }
   */
  messages?: ComboboxWords;
}

/**
 * The options of a combobox. The type parameters are the type of its items, and whether several options can
 * be selected.
 */
export interface ComboboxOptions<I extends Item = Item, Multiple extends boolean = false>
  extends
    OpenOptions<ComboboxStates<Multiple>>,
    Omit<ComboboxChoices, 'multiple'>,
    SourceOptions<I>,
    FieldOptions,
    Omit<AnchorOptions, 'anchor'> {
  /**
   * Specifies whether several options can be selected. They are shown as tokens, and the list stays open.
   *
   * @defaultValue false
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
   * Sets the search text: an initial value, or a cell that is read and written.
   *
   * @defaultValue empty
   * @example { query: 'cur' }
   */
  query?: StateOption<string>;
  /**
   * Sets the position of the list as in CSS `position-area`: a side such as `block-end`, then the alignment
   * along the field.
   *
   * @defaultValue `block-end span-inline-end`
   * @example { area: 'block-end span-inline-end' }
   */
  area?: AnchorOptions['area'];
  /**
   * Sets the distance of the list from the field, in pixels.
   *
   * @defaultValue 4
   * @example { gap: 8 }
   */
  gap?: AnchorOptions['gap'];
  /**
   * Sets the width of the list: that of its content, or that of the field.
   *
   * @defaultValue `anchor`
   * @example { fit: 'content' }
   */
  fit?: AnchorOptions['fit'];
}

/** The options as the parts of a combobox see them: with one type of item, and one or several selected. */
export interface ComboboxSettings
  extends
    OpenOptions<ComboboxState>,
    ComboboxChoices,
    SourceOptions<Item>,
    FieldOptions,
    Omit<AnchorOptions, 'anchor'> {
  selected?: ChosenOption | Chosen;
  query?: StateOption<string>;
}

/** A running combobox, as its parts see it. */
export type ComboboxEngine = Engine<
  ComboboxState,
  ComboboxSettings & CommonOptions<ComboboxState>,
  ComboboxIntent
>;

/** The values that the parts of one combobox share. */
export interface ComboboxContext {
  engine: ComboboxEngine;
  parts: ComboboxParts;
  say: Words;
  announce: Announcer;
}
