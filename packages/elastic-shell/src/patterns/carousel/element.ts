// <shell-carousel>: wires the slides inside it.
import { carousel } from '../../core/contract/carousel.js';
import { element } from '../../engine/element.js';
import { wireCarousel } from './wire.js';

element('shell-carousel', wireCarousel, {
  root: ':scope > :has([data-slides])',
  options: carousel.options ?? {},
});
