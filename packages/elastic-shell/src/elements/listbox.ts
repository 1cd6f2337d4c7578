// <shell-listbox>: wires the listbox inside it.
import { wireListbox } from '../patterns/listbox.js';
import { element } from './element.js';

element('shell-listbox', wireListbox, {
  root: '[role=listbox]',
  options: ['activation', 'layout', 'orientation', 'name', 'rowHeight'],
  flags: ['multiple', 'wrap'],
  states: [],
  values: ['selected'],
});
