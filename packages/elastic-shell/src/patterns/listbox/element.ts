// <shell-listbox>: wires the listbox inside it.
import { listbox } from '../../core/contract/listbox.js';
import { element } from '../../engine/element.js';
import { wireListbox } from './wire.js';

element('shell-listbox', wireListbox, { root: '[role=listbox]', options: listbox.options ?? {} });
