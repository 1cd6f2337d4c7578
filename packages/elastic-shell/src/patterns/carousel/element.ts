// The element <shell-carousel>, which wires the slides inside it.
import { carousel, carouselMethods } from '../../core/contract/carousel.js';
import { element } from '../../engine/element.js';
import type {
  OptionProperties,
  RotatingProperty,
  SelectedProperty,
  ShellElement,
} from '../../engine/element-types.js';
import { type Carousel, type CarouselOptions, wireCarousel } from './wire.js';

/** The element `<shell-carousel>`. Its options and states are properties, and its methods are methods. */
export interface ShellCarousel
  extends
    ShellElement<Carousel>,
    OptionProperties<CarouselOptions, 'selected' | 'rotating'>,
    Pick<Carousel, (typeof carouselMethods)[number]>,
    SelectedProperty,
    RotatingProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-carousel': ShellCarousel;
  }
}

element('shell-carousel', wireCarousel, {
  root: ':scope > :has([data-slides])',
  options: carousel.options ?? {},
  methods: carouselMethods,
});
