// The carousel, described.
import { carousel } from '../core/contract/carousel.js';
import { carouselNotes } from '../core/contract/carousel-notes.js';
import { carouselOutline } from '../core/outline/collections.js';
import { carouselRules } from '../patterns/carousel/rules.js';
import { carouselRows } from '../rehearsal/rows/sections.js';
import { describePattern } from './description.js';
import { isNothing, isSlides } from './kinds.js';

/** The description of the pattern `carousel`. */
export const describedCarousel = describePattern(
  { ...carousel, outline: carouselOutline },
  {
    notes: carouselNotes,
    rules: carouselRules,
    isRoot: isNothing,
    needs: [['an element with data-slides around the slides', isSlides]],
    checks: carouselRows,
  },
);
