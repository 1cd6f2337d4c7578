// <shell-accordion>: wires the sections inside it.
import { wireAccordion } from '../patterns/accordion.js';
import { element } from './element.js';

element('shell-accordion', wireAccordion, {
  root: ':scope',
  options: ['elastic'],
  flags: ['exclusive', 'keepOne', 'arrows'],
  states: [],
  values: ['expanded'],
});
