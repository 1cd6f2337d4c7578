// The outlines of listboxes, comboboxes and switches.
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

/** The parts of a listbox. Spread `root`, and render the options with `Rows` from `items`, or spread `option(key)`. */
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
    /** A control with a command, such as `select`. Spread it onto a `<button>`. */
    action: (given: Listbox, command: string, key?: string): Attributes =>
      control(given, `--${command}`, key),
  },
} satisfies Outline<Selecting, ListboxChoices>;

type Combobox = Given<ComboboxState, ComboboxChoices>;

/** Returns the attributes of the element that keeps focus: the text field, or the button without one. */
const holder = (given: Combobox, part: string): Attributes => ({
  role: 'combobox',
  id: partId(given, part),
  'aria-haspopup': 'listbox',
  // The list is only visible once it is wired.
  'aria-expanded': 'false',
  'aria-controls': partId(given, 'list'),
});

/** Returns the label of the selected option, if that option is known. */
const textOf = ({ state, items = [], options }: Combobox): string => {
  const key = options.multiple ? undefined : [...keysOf(state.selected)][0];
  if (state.text || key === undefined) return state.text;
  return items.find((item) => item.key === key)?.label ?? options.labelOf?.(key) ?? key;
};

/**
 * The parts of a combobox. Spread `root`, `label`, `box`, `field` or `button`, `popup` and `list`. Render the options with `Rows`
 * from `items`, or spread `option(key)`.
 */
export const comboboxOutline = {
  name: comboboxContract.name,
  first: { open: false, selected: undefined, current: undefined, query: '', text: '' },
  single: {
    /** The element around its parts. */
    root: (given: Combobox): Attributes => rootOf(comboboxContract.semantics, given),
    /** The label: a `<label>` for a field, any element for a button. */
    label: (given: Combobox): Attributes => ({ id: partId(given, 'label'), for: partId(given, 'field') }),
    /** The element around the tokens and the field. */
    box: (_: Combobox): Attributes => ({ 'data-box': '' }),
    /** The text field. Spread it onto an `<input>`. */
    field: (given: Combobox): Attributes => ({
      ...holder(given, 'field'),
      'aria-autocomplete': 'list',
      autocomplete: 'off',
      ...(textOf(given) && { value: textOf(given) }),
    }),
    /** The field without typing. Spread it onto a `<button>`. */
    button: (given: Combobox): Attributes => ({
      type: 'button',
      ...holder(given, 'field'),
      'aria-labelledby': `${partId(given, 'label')} ${partId(given, 'value')}`,
    }),
    /** The text of the selection inside the button. */
    value: (given: Combobox): Attributes => ({ 'data-value': '', id: partId(given, 'value') }),
    /** A button that opens and closes the list. Spread it onto a `<button>`. */
    toggler: (given: Combobox): Attributes => ({
      ...control(given, '--toggle'),
      'aria-expanded': 'false',
      tabindex: '-1',
    }),
    /** The container of the tokens. */
    tokens: (_: Combobox): Attributes => ({ 'data-tokens': '' }),
    /** The element around the list. */
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
    /** A control with a command, such as `clear`. Spread it onto a `<button>`. */
    action: (given: Combobox, command: string, key?: string): Attributes =>
      control(given, `--${command}`, key),
  },
} satisfies Outline<ComboboxState, ComboboxChoices>;

type Switch = Given<SwitchState>;

/** The parts of a switch. Spread `root` onto a button, or `box` onto a checkbox. */
export const switchOutline = {
  name: switching.name,
  roots: ['root', 'box'],
  first: { checked: false },
  single: {
    /** The switch. Spread it onto a `<button>`. */
    root: (given: Switch): Attributes => ({
      type: 'button',
      ...rootOf(switching.semantics, given, 'button'),
    }),
    /** The switch as a checkbox. Spread it onto an `<input>`. */
    box: (given: Switch): Attributes => ({
      type: 'checkbox',
      ...rootOf(switching.semantics, given, 'input'),
      checked: given.state.checked ? '' : null,
    }),
  },
  each: {},
} satisfies Outline<SwitchState>;
