// Wires a combobox: `wireCombobox`.
import type { Item } from '../../core/collection/items.js';
import { chosenOf } from '../../core/collection/selection.js';
import { combobox, type ComboboxIntent, type ComboboxState } from '../../core/contract/combobox.js';
import { parseArea } from '../../core/layers/placement.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { wire } from '../../engine/engine.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, Wired } from '../../engine/types.js';
import { activeIn } from '../../focus/focusable.js';
import { type OpenMethods, openMethods } from '../../layer/methods.js';
import { labelIn, markupItems } from '../../list/items.js';
import { chosenNow, firstChosen } from '../../list/rows/source.js';
import { type SelectMethods, selectMethods } from '../../list/methods.js';
import { controller } from './controller.js';
import { comboboxParts, type ComboboxParts } from './parts.js';
import type { ComboboxEngine, ComboboxOptions, ComboboxSettings, ComboboxStates } from './types.js';

export type { AskedItems, ComboboxOptions, ComboboxStates } from './types.js';

/**
 * A wired combobox: its states and methods. The key of an option is its `data-key`, `id` or index, in that
 * order.
 */
export interface Combobox<Multiple extends boolean = false>
  extends
    Wired<ComboboxOptions<Item, Multiple>>,
    Cells<ComboboxStates<Multiple>>,
    SelectMethods,
    OpenMethods {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireCombobox`. */
    combobox: ComboboxOptions<Item, boolean>;
  }
}
registerPattern(combobox.name, combobox.options, wireCombobox);

/** Returns the selection in the markup, and the text of the field for it. */
const markedIn = (
  { list, field }: ComboboxParts,
  { multiple = false, freeText = false }: ComboboxSettings,
): Pick<ComboboxState, 'selected' | 'text'> => {
  const options = list.querySelectorAll<HTMLElement>('[role=option]');
  const chosen = markupItems(list, () => options, { labelOf: labelIn })
    .all()
    .filter(({ element }) => element.ariaSelected === 'true');
  const selected = chosenOf(new Set(chosen.map(({ key }) => key)), multiple);
  const own = freeText && field && !chosen.length ? field.value : undefined;
  return { selected, text: own ?? (multiple ? '' : (chosen[0]?.label ?? '')) };
};

/** Returns the text that a user typed into the field before it was wired. */
const typedInto = ({ field }: ComboboxParts): string | undefined =>
  field && field === activeIn(field) && field.value !== field.defaultValue ? field.value : undefined;

/**
 * Wires a combobox. `root` contains an element with role="combobox" and a listbox. Requires structure.css to
 * place the list. Follows the WAI-ARIA combobox pattern.
 *
 * @param root - The element that contains the field and the list.
 * @param own - The options.
 * @returns The wired combobox.
 * @throws TypeError if a part is missing, if `root` isn't an element or is already wired, or if an option is
 * unknown or has an invalid value.
 */
export function wireCombobox<I extends Item = Item, const Multiple extends boolean = false>(
  root: HTMLElement,
  own?: ComboboxOptions<I, Multiple>,
): Combobox<Multiple>;
/** Internally, items have any type, and one or several options may be selected. */
export function wireCombobox(root: HTMLElement, own?: ComboboxSettings): Wired & OpenMethods & SelectMethods {
  const given = optionsOf<ComboboxSettings>(combobox, own, root);
  if (given.area !== undefined) parseArea(given.area);
  let parts = comboboxParts(root);
  const multiple = !!given.multiple;
  const limit = Number(given.limit ?? 0);
  const wish = firstChosen(given.selected, multiple);
  const settings: ComboboxSettings = {
    ...given,
    ...(limit && { limit }),
    ...(wish !== undefined && { selected: wish }),
  };
  const first = markedIn(parts, given);
  /** The selection that a reset of its form restores. */
  const original = chosenNow(wish, first.selected);
  let engine: ComboboxEngine | undefined;
  /** The user was already typing. */
  const typed = typedInto(parts);
  // The guard is called about the first state that changes: the selection, not the list that closes with it.
  const contract = {
    ...combobox,
    read: (): ComboboxState => ({ ...first, open: false, query: '', current: undefined }),
    adopted: () => (typed ? { query: typed, open: true } : {}),
  };
  const wired = wire<ComboboxState, ComboboxSettings, ComboboxIntent>(root, contract, settings, (running) => {
    // Its content was replaced, so its parts are other elements.
    if (engine) parts = comboboxParts(root);
    engine = running;
    return controller(running, parts, original, !!typed);
  });
  return keepWired({
    ...wired,
    ...openMethods(wired),
    ...selectMethods(wired.selected, multiple),
    show: () => engine?.intend('open', { reason: 'program' }),
  });
}
