// The notes of the carousel contract, for documents, the command line and the conformance tests.
import { moveCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { CarouselPart } from './carousel.js';
import { carouselMethodNotes, carouselOptionNotes } from './typed-notes.js';

/** The notes of the pattern `carousel`. */
export const carouselNotes: Notes<CarouselPart> = {
  name: 'carousel',
  group: 'section',
  keywords: 'slider slideshow gallery slides swipe autoplay rotation',
  summary: 'Shows slides side by side, one or several at a time.',
  for: 'Pictures or cards side by side, of which some are visible and the others a swipe or a click away.',
  not: 'Content that everyone needs to see: most people miss slides that are out of view.',
  standard: 'WAI-ARIA Authoring Practices, Carousel; CSS Scroll Snap; WCAG 2.2.2, Pause, Stop, Hide',
  parts: {
    root: {
      is: 'a <section>, or another element, with a name. An element without a role becomes a group.',
      required: true,
      why: 'Screen readers announce it as a carousel. Commands name it.',
    },
    slide: {
      is: 'a child of the element with data-slides. Its key is its data-key or its index.',
      required: true,
      why: 'Screen readers announce it as a slide, with its own name or "n of m".',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --previous, --next, --first, --last, --rotate or --select. The value of --select is the key of a slide, or by default the index of the button among the other pickers.',
      required: false,
      why: 'Pickers are buttons in a group, or tabs in a tablist. The button that stops rotation comes first.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Shows the slide that it names', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Shows the slide that it names', by: 'browser' },
    {
      on: 'opener',
      key: 'ArrowRight',
      does: 'On a picker that is a tab: shows the next slide, and after the last the first',
      by: 'engine',
    },
    {
      on: 'opener',
      key: 'ArrowLeft',
      does: 'On a picker that is a tab: shows the previous slide, and before the first the last',
      by: 'engine',
    },
    { on: 'opener', key: 'Home', does: 'On a picker that is a tab: shows the first slide', by: 'engine' },
    { on: 'opener', key: 'End', does: 'On a picker that is a tab: shows the last slide', by: 'engine' },
  ],
  presses: [
    { on: 'opener', does: 'Shows the slide that it names, or starts and stops the rotation' },
    { on: 'slide', does: 'A swipe scrolls to the next slide. The state is set when scrolling ends' },
  ],
  states: [
    {
      name: 'selected',
      type: 'the key of the first slide in view',
      first: 'the key of the first slide',
      shown: 'the scroll position, aria-selected or aria-current on the pickers, inert on slides out of view',
    },
    {
      name: 'rotating',
      type: 'boolean',
      first: 'true if interval is set, unless reduced motion is requested',
      shown: 'data-rotating on its button. aria-live of the live region is off during rotation',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: carouselMethodNotes,
  commands: [
    ...moveCommands,
    {
      name: '--select',
      does: 'Scrolls to a slide. Without a value, to the slide at the index of the button among the other pickers.',
      value: 'the key of a slide',
    },
    { name: '--rotate', does: 'Starts or stops the rotation.' },
  ],
  options: carouselOptionNotes,
  guarantees: [
    'Slides out of view are inert: nothing in them is focusable or clickable.',
    'Swipes, trackpads and scroll wheels use native scroll snapping, and the state follows.',
    'Rotation pauses while the pointer or focus is inside and while the page is hidden. It stops for good when the user stops it. With reduced motion it starts only when the user starts it.',
    'When the user moves to a slide, a polite live region announces its name and its text. During rotation the live region is off.',
  ],
};
