// <shell-accordion>: wires the sections inside it.
import { wireAccordion } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-accordion', wireAccordion, {
  root: ':scope',
  options: ['elastic'],
  flags: ['exclusive', 'keepOne', 'arrows'],
  states: [],
  values: ['expanded'],
});
