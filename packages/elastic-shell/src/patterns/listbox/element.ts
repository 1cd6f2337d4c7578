// <shell-listbox>: wires the listbox inside it.
import type { Item } from '../../core/collection/items.js';
import { listbox, listboxMethods } from '../../core/contract/listbox.js';
import { element } from '../../engine/element.js';
import { associated } from '../../form/associated.js';
import type {
  ChosenProperty,
  FormElement,
  OptionProperties,
  ShellElement,
} from '../../engine/element-types.js';
import { type Listbox, type ListboxOptions, wireListbox } from './wire.js';

/** `<shell-listbox>`: its options and states are properties, its methods methods. */
export interface ShellListbox
  extends
    FormElement,
    ShellElement<Listbox<boolean>>,
    OptionProperties<ListboxOptions<Item, boolean>, 'selected'>,
    Pick<Listbox<boolean>, (typeof listboxMethods)[number]>,
    ChosenProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-listbox': ShellListbox;
  }
}

element('shell-listbox', wireListbox, {
  root: '[role=listbox]',
  options: listbox.options ?? {},
  methods: listboxMethods,
  form: associated({ control: '[role=listbox]', state: 'selected' }),
});
