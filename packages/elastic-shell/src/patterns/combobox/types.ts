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
  /** Options as data, a cell of them, or a function of what is searched for, whose latest answer counts. Default: none; the markup holds them. */
  items?: ItemsOption<I> | AskedItems<I>;
  /** How what is typed finds an option. Default: `contains`. */
  match?: MatchMode | ((label: string, query: string, item: I) => unknown);
  /** Milliseconds that typing rests before a function is asked. Default: 200. */
  debounce?: number;
  /** The label of a key that no option at hand has. Default: the key itself. */
  labelOf?(key: string): string;
  /** Makes what stands in a token: a node, a text, or `{ node, release? }`. Default: the label. */
  renderToken?(token: Token): Node | string | RowLife<Token>;
  /** Makes an option of what was typed, at once or by a promise; the list offers to add it. Default: none. */
  create?(query: string): NoInfer<I> | PromiseLike<NoInfer<I>>;
}

/** What a combobox is told about the form it stands in, and its words. */
interface FieldOptions {
  /** The name under which the selected keys, or the free text, are sent with a form. Default: the attribute data-name of the root. */
  name?: string;
  /** Whether a form can be sent with nothing selected. Default: as the field says. */
  required?: boolean;
  /** Every word that it says. Default: English. */
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
  /** Several may be selected; they show as tokens. Default: false. */
  multiple?: Multiple;
  /** What is selected: a key, with `multiple` keys; or a cell. Default: as the markup shows. */
  selected?: SelectedOption<Multiple>;
  /** What is searched for, or a cell. Default: empty. */
  query?: StateOption<string>;
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
