// <shell-combobox>: wires the field and the list inside it.
import { wireCombobox } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-combobox', wireCombobox, {
  root: ':scope',
  needs: ['[role=combobox]', '[role=listbox]'],
  options: ['match', 'limit', 'delay', 'name', 'area', 'gap', 'edgeGap', 'fit', 'rowHeight'],
  flags: ['multiple', 'freeText', 'required'],
  states: ['open'],
  values: ['selected', 'query'],
});
