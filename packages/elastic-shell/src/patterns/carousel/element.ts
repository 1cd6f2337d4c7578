// <shell-carousel>: wires the slides inside it.
import { wireCarousel } from './wire.js';
import { element } from '../../engine/element.js';

element('shell-carousel', wireCarousel, {
  root: ':scope > *',
  options: ['interval'],
  flags: ['wrap'],
  states: ['rotating'],
  values: ['slide'],
});
