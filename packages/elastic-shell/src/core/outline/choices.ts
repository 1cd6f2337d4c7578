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
    root: (given: Listbox): Attributes => rootOf(listboxContract.semantics, given),
  },
  each: {
    option: (given: Listbox, key: string): Attributes => ({
      'data-key': key,
      ...listboxContract.semantics.item?.(given.state, viewOf(given), key),
      ...stopAt(given, key, [...keysOf(given.state.selected), given.state.current]),
    }),
    group: (_: Listbox, name: string): Attributes => ({ role: 'group', 'aria-label': name }),
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
  'aria-expanded': `${given.state.open}`,
  'aria-controls': partId(given, 'list'),
});

/** The label of what is selected, as far as the options that are known say it. */
const textOf = ({ state, items = [], options }: Combobox): string => {
  const key = options.multiple ? undefined : [...keysOf(state.selected)][0];
  return state.text || (items.find((item) => item.key === key)?.label ?? key ?? '');
};

/** A combobox: spread `root`, `label`, `box`, `field` or `button`, `popup`, `list`; options by `items` and `Rows`, or `option(key)`. */
export const comboboxOutline = {
  name: comboboxContract.name,
  first: { open: false, selected: undefined, current: undefined, query: '', text: '' },
  single: {
    root: (given: Combobox): Attributes => rootOf(comboboxContract.semantics, given),
    label: (given: Combobox): Attributes => ({ id: partId(given, 'label'), for: partId(given, 'field') }),
    box: (_: Combobox): Attributes => ({ 'data-box': '' }),
    field: (given: Combobox): Attributes => ({
      ...holder(given, 'field'),
      'aria-autocomplete': 'list',
      autocomplete: 'off',
      ...(textOf(given) && { value: textOf(given) }),
    }),
    button: (given: Combobox): Attributes => ({
      type: 'button',
      ...holder(given, 'field'),
      'aria-labelledby': `${partId(given, 'label')} ${partId(given, 'value')}`,
    }),
    value: (given: Combobox): Attributes => ({ 'data-value': '', id: partId(given, 'value') }),
    toggler: (given: Combobox): Attributes => ({
      ...control(given, '--toggle'),
      'aria-expanded': `${given.state.open}`,
      tabindex: '-1',
    }),
    tokens: (_: Combobox): Attributes => ({ 'data-tokens': '' }),
    popup: (_: Combobox): Attributes => ({ popover: 'manual' }),
    list: (given: Combobox): Attributes => ({
      role: 'listbox',
      tabindex: '-1',
      id: partId(given, 'list'),
      'aria-labelledby': partId(given, 'label'),
      ...(given.options.multiple && { 'aria-multiselectable': 'true' }),
    }),
  },
  each: {
    option: (given: Combobox, key: string): Attributes => ({
      'data-key': key,
      ...comboboxContract.semantics.item?.(given.state, viewOf(given), key),
    }),
    group: (_: Combobox, name: string): Attributes => ({ role: 'group', 'aria-label': name }),
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
    root: (given: Switch): Attributes => ({
      type: 'button',
      ...rootOf(switching.semantics, given, 'button'),
    }),
    box: (given: Switch): Attributes => ({
      type: 'checkbox',
      ...rootOf(switching.semantics, given, 'input'),
      checked: given.state.checked ? '' : null,
    }),
  },
  each: {},
} satisfies Outline<SwitchState>;
