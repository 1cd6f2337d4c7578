// <shell-combobox>: wires the field and the list inside it.
import { combobox } from '../../core/contract/combobox.js';
import { element } from '../../engine/element.js';
import { wireCombobox } from './wire.js';

element('shell-combobox', wireCombobox, {
  root: ':scope',
  options: combobox.options ?? {},
  needs: ['[role=combobox]', '[role=listbox]'],
});
