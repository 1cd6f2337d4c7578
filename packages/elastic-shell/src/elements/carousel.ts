// <shell-carousel>: wires the slides inside it.
import { wireCarousel } from '../patterns/carousel.js';
import { element } from './element.js';

element('shell-carousel', wireCarousel, {
  root: ':scope > *',
  options: ['interval'],
  flags: ['wrap'],
  states: ['rotating'],
  values: ['slide'],
});
