// <shell-tabs>: wires the tablist and the panels inside it.
import { wireTabs } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-tabs', wireTabs, {
  root: ':scope',
  options: ['activation', 'orientation'],
  flags: ['wrap', 'closable', 'address', 'keepContent'],
  states: [],
  values: ['selected'],
});
