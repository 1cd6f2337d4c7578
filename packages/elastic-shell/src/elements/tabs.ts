// <shell-tabs>: wires the tablist and the panels inside it.
import { wireTabs } from '../patterns/tabs.js';
import { element } from './element.js';

element('shell-tabs', wireTabs, {
  root: ':scope',
  options: ['activation', 'orientation'],
  flags: ['wrap', 'closable', 'address', 'keepContent'],
  states: [],
  values: ['selected'],
});
