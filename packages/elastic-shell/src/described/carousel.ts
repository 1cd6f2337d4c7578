// The carousel, described: its rules and its root. `facets.ts` adds its texts, parts and checks.
import { carousel } from '../core/contract/carousel.js';
import { carouselRules } from '../patterns/carousel/rules.js';
import { describePattern } from './description.js';
import { isSlides } from './kinds.js';

describePattern(carousel, {
  rules: carouselRules,
  needs: [['an element with data-slides around the slides', isSlides]],
  selector: '[aria-roledescription=carousel]',
  walk: ['Tab', 'Tab', 'Tab'],
  sample: { given: { selected: 'first' }, words: ['in view', 'out of view'] },
});
