// The outlines of what is chosen from: listboxes and comboboxes; and of the switch.
import { keysOf } from '../collection/selection.js';
import {
  combobox as comboboxContract,
  type ComboboxChoices,
  type ComboboxState,
} from '../contract/combobox.js';
import type { Attributes } from '../contract/contract.js';
import { listbox as listboxContract, type ListboxChoices } from '../contract/listbox.js';
import type { Selecting } from '../contract/selecting.js';
import { switching, type SwitchState } from '../contract/switch.js';
import { control, type Given, type Outline, partId, rootOf, stopAt, viewOf } from './outline.js';

type Listbox = Given<Selecting, ListboxChoices>;

/** A listbox: spread `root`; options by `items` and `Rows`, or `option(key)`. */
export const listboxOutline = {
  name: listboxContract.name,
  first: { selected: undefined, current: undefined },
  firstItem: { state: 'current', parts: ['option'] },
  single: {
    /** The list. */
    root: (given: Listbox): Attributes => rootOf(listboxContract.semantics, given),
  },
  each: {
    /** An option. */
    option: (given: Listbox, key: string): Attributes => ({
      'data-key': key,
      ...listboxContract.semantics.item?.(given.state, viewOf(given), key),
      ...stopAt(given, key, [...keysOf(given.state.selected), given.state.current]),
    }),
    /** A group of options with a name. */
    group: (_: Listbox, name: string): Attributes => ({ role: 'group', 'aria-label': name }),
    /** Asks for a command, such as `select`. Goes onto a `<button>`. */
    action: (given: Listbox, command: string, key?: string): Attributes =>
      control(given, `--${command}`, key),
  },
} satisfies Outline<Selecting, ListboxChoices>;

type Combobox = Given<ComboboxState, ComboboxChoices>;

/** What the element that keeps focus says: the field, or the button of one to choose only. */
const holder = (given: Combobox, part: string): Attributes => ({
  role: 'combobox',
  id: partId(given, part),
  'aria-haspopup': 'listbox',
  // The list shows only once it is wired.
  'aria-expanded': 'false',
  'aria-controls': partId(given, 'list'),
});

/** The label of what is selected, as far as the options that are known say it. */
const textOf = ({ state, items = [], options }: Combobox): string => {
  const key = options.multiple ? undefined : [...keysOf(state.selected)][0];
  if (state.text || key === undefined) return state.text;
  return items.find((item) => item.key === key)?.label ?? options.labelOf?.(key) ?? key;
};

/** A combobox: spread `root`, `label`, `box`, `field` or `button`, `popup`, `list`; options by `items` and `Rows`, or `option(key)`. */
export const comboboxOutline = {
  name: comboboxContract.name,
  first: { open: false, selected: undefined, current: undefined, query: '', text: '' },
  single: {
    /** The element around its parts. */
    root: (given: Combobox): Attributes => rootOf(comboboxContract.semantics, given),
    /** The label: a `<label>` for a field, any element for a button. */
    label: (given: Combobox): Attributes => ({ id: partId(given, 'label'), for: partId(given, 'field') }),
    /** The element around tokens and field. */
    box: (_: Combobox): Attributes => ({ 'data-box': '' }),
    /** The field to type into. Goes onto an `<input>`. */
    field: (given: Combobox): Attributes => ({
      ...holder(given, 'field'),
      'aria-autocomplete': 'list',
      autocomplete: 'off',
      ...(textOf(given) && { value: textOf(given) }),
    }),
    /** The field if there is nothing to type. Goes onto a `<button>`. */
    button: (given: Combobox): Attributes => ({
      type: 'button',
      ...holder(given, 'field'),
      'aria-labelledby': `${partId(given, 'label')} ${partId(given, 'value')}`,
    }),
    /** The text of what is selected, in the button. */
    value: (given: Combobox): Attributes => ({ 'data-value': '', id: partId(given, 'value') }),
    /** Opens and closes the list. Goes onto a `<button>`. */
    toggler: (given: Combobox): Attributes => ({
      ...control(given, '--toggle'),
      'aria-expanded': 'false',
      tabindex: '-1',
    }),
    /** The element in which the tokens are made. */
    tokens: (_: Combobox): Attributes => ({ 'data-tokens': '' }),
    /** The element that holds the list. */
    popup: (_: Combobox): Attributes => ({ popover: 'manual' }),
    /** The list. */
    list: (given: Combobox): Attributes => ({
      role: 'listbox',
      tabindex: '-1',
      id: partId(given, 'list'),
      'aria-labelledby': partId(given, 'label'),
      ...(given.options.multiple && { 'aria-multiselectable': 'true' }),
    }),
  },
  each: {
    /** An option. */
    option: (given: Combobox, key: string): Attributes => ({
      'data-key': key,
      ...comboboxContract.semantics.item?.(given.state, viewOf(given), key),
    }),
    /** A group of options with a name. */
    group: (_: Combobox, name: string): Attributes => ({ role: 'group', 'aria-label': name }),
    /** Asks for a command, such as `clear`. Goes onto a `<button>`. */
    action: (given: Combobox, command: string, key?: string): Attributes =>
      control(given, `--${command}`, key),
  },
} satisfies Outline<ComboboxState, ComboboxChoices>;

type Switch = Given<SwitchState>;

/** A switch: spread `root` onto a button, or `box` onto a checkbox. */
export const switchOutline = {
  name: switching.name,
  roots: ['root', 'box'],
  first: { checked: false },
  single: {
    /** The switch. Goes onto a `<button>`. */
    root: (given: Switch): Attributes => ({
      type: 'button',
      ...rootOf(switching.semantics, given, 'button'),
    }),
    /** The switch as a checkbox: goes onto an `<input>`. */
    box: (given: Switch): Attributes => ({
      type: 'checkbox',
      ...rootOf(switching.semantics, given, 'input'),
      checked: given.state.checked ? '' : null,
    }),
  },
  each: {},
} satisfies Outline<SwitchState>;
