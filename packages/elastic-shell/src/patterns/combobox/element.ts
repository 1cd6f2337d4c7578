// The element <shell-combobox>, which wires the field and the list inside it.
import type { Item } from '../../core/collection/items.js';
import { combobox, comboboxMethods } from '../../core/contract/combobox.js';
import { element } from '../../engine/element.js';
import { associated } from '../../form/associated.js';
import type {
  ChosenProperty,
  OpenProperty,
  OptionProperties,
  QueryProperty,
  FormElement,
  ShellElement,
} from '../../engine/element-types.js';
import type { ComboboxOptions } from './types.js';
import { type Combobox, wireCombobox } from './wire.js';

/** The element `<shell-combobox>`. Its options and states are properties, and its methods are methods. */
export interface ShellCombobox
  extends
    FormElement,
    ShellElement<Combobox<boolean>>,
    OptionProperties<ComboboxOptions<Item, boolean>, 'open' | 'selected' | 'query'>,
    Pick<Combobox<boolean>, (typeof comboboxMethods)[number]>,
    OpenProperty,
    ChosenProperty,
    QueryProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-combobox': ShellCombobox;
  }
}

element('shell-combobox', wireCombobox, {
  root: ':scope',
  options: combobox.options ?? {},
  methods: comboboxMethods,
  needs: ['[role=combobox]', '[role=listbox]'],
  form: associated({ control: '[role=combobox]', state: 'selected' }),
});
