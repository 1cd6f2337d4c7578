// The carousel, described: its rules and its root. Its words, parts and checks are added by `facets.ts`.
import { carousel } from '../core/contract/carousel.js';
import { carouselRules } from '../patterns/carousel/rules.js';
import { describePattern } from './description.js';
import { isNothing, isSlides } from './kinds.js';

/** The description of the pattern `carousel`. */
export const describedCarousel = describePattern(carousel, {
  rules: carouselRules,
  isRoot: isNothing,
  needs: [['an element with data-slides around the slides', isSlides]],
});
