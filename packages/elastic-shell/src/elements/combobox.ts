// <shell-combobox>: wires the field and the list inside it.
import { wireCombobox } from '../patterns/combobox.js';
import { element } from './element.js';

element('shell-combobox', wireCombobox, {
  root: ':scope',
  needs: ['[role=combobox]', '[role=listbox]'],
  options: ['match', 'limit', 'delay', 'name', 'area', 'gap', 'padding', 'fit', 'rowHeight'],
  flags: ['multiple', 'freeText', 'required'],
  states: ['open'],
  values: ['selected', 'query'],
});
