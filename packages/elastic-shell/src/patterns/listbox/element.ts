// <shell-listbox>: wires the listbox inside it.
import { wireListbox } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-listbox', wireListbox, {
  root: '[role=listbox]',
  options: ['activation', 'layout', 'orientation', 'name', 'rowHeight'],
  flags: ['multiple', 'wrap'],
  states: [],
  values: ['selected'],
});
