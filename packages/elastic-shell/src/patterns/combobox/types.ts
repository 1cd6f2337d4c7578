// What users give to a combobox, and the combobox as its parts work with it.
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

/** The states of a combobox, typed by whether several options may be selected. */
export interface ComboboxStates<Multiple extends boolean = boolean> extends Omit<ComboboxState, 'selected'> {
  /** The key of the selected option, or undefined; with `multiple`, a set of keys. */
  selected: Selected<Multiple>;
}

/** Options that are asked for: the latest answer counts, the signal aborts when nobody waits for one any more. */
export type AskedItems<I> = (query: string, signal: AbortSignal) => readonly I[] | PromiseLike<readonly I[]>;

/** What a combobox is told about its options. */
interface SourceOptions<I extends Item> extends RowOptions<I> {
  /**
   * The options as data: a list of `{ key, label, disabled, description, group }`, a cell of one, or a function that
   * gets the query and an AbortSignal.
   *
   * The function may return a promise. Only its latest answer counts.
   *
   * @defaultValue none: the markup holds the options
   */
  items?: ItemsOption<I> | AskedItems<I>;
  /** How the query finds an option, whatever the case and the accents. @defaultValue `contains` */
  match?: MatchMode | ((label: string, query: string, item: I) => unknown);
  /** How long the reader must pause while typing before the function is called, in milliseconds. @defaultValue 200 */
  debounce?: number;
  /** Makes what a token shows: a node, a text, or `{ node, release }`. @defaultValue the label */
  renderToken?(token: Token): Node | string | RowLife<Token>;
  /** Makes an option of the typed text, at once or by a promise. The list offers to add it. @defaultValue none */
  create?(query: string): NoInfer<I> | PromiseLike<NoInfer<I>>;
}

/** What a combobox is told about the form it stands in, and its words. */
interface FieldOptions {
  /**
   * The name under which a form sends the selected keys or the free text.
   *
   * @defaultValue the attribute data-name of the root
   */
  name?: string;
  /** Whether a form can be sent only if something is selected. @defaultValue as the field says */
  required?: boolean;
  /**
   * Its words: count, none, add, added, removed, full, remove, chosen, loading, failed, retry and required.
   *
   * @defaultValue English
   */
  messages?: ComboboxWords;
}

/** The options of a combobox, typed by its items and by whether several may be selected. */
export interface ComboboxOptions<I extends Item = Item, Multiple extends boolean = false>
  extends
    OpenOptions<ComboboxStates<Multiple>>,
    Omit<ComboboxChoices, 'multiple'>,
    SourceOptions<I>,
    FieldOptions,
    Omit<AnchorOptions, 'anchor'> {
  /** Whether several options can be selected. They show as tokens, and the list stays open. @defaultValue false */
  multiple?: Multiple;
  /**
   * What is selected: a key, or with `multiple` several keys. It is the first value, or a cell that is read and
   * written.
   *
   * @defaultValue as the markup shows
   */
  selected?: SelectedOption<Multiple>;
  /** Is called after what is selected has changed. @defaultValue none */
  onSelected?: (selected: Selected<Multiple>) => void;
  /** What the reader searches for: the first value, or a cell that is read and written. @defaultValue empty */
  query?: StateOption<string>;
  /**
   * Where the list stands, as in CSS `position-area`: a side such as `block-end`, then how it lies along the field.
   *
   * @defaultValue `block-end span-inline-end`
   */
  area?: AnchorOptions['area'];
  /** The distance of the list from the field, in pixels. @defaultValue 4 */
  gap?: AnchorOptions['gap'];
  /** How wide the list is: as wide as its content needs, or as the field. @defaultValue `anchor` */
  fit?: AnchorOptions['fit'];
}

/** The options as the parts of a combobox work with them: one kind of item, and one or several selected. */
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

/** What the parts of one combobox share. */
export interface ComboboxContext {
  engine: ComboboxEngine;
  parts: ComboboxParts;
  say: Words;
  announce: Announcer;
}
