// The words of the carousel contract: for documents, the command line and the conformance tests.
import { moveCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { CarouselPart } from './carousel.js';
import { carouselMethodNotes, carouselOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `carousel`. */
export const carouselNotes: Notes<CarouselPart> = {
  name: 'carousel',
  group: 'section',
  says: 'Shows slides side by side, one or several at a time.',
  for: 'Pictures or cards side by side, of which some are in view and the rest a swipe or a press away.',
  not: 'What everybody must see: slides out of view are missed by most.',
  standard: 'WAI-ARIA Authoring Practices, Carousel; CSS Scroll Snap; WCAG 2.2.2, Pause, Stop, Hide',
  parts: {
    root: {
      is: 'a <section>, or another element that becomes a group, with a name',
      required: true,
      why: 'It is announced as a carousel, and commands name it.',
    },
    slide: {
      is: 'a child of the element with data-slides; its data-key or place picks it',
      required: true,
      why: 'It is announced as a slide, by its own name or as "n of m".',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --previous, --next, --first, --last, --select (its value is the key of the slide; without one its place among its like) or --rotate',
      required: false,
      why: 'Pickers are buttons in a group, or tabs in a tablist; the button that stops rotation comes first.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Shows the slide it stands for', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Shows the slide it stands for', by: 'browser' },
    {
      on: 'opener',
      key: 'ArrowRight',
      does: 'On a picker that is a tab: picks the next slide; wraps',
      by: 'engine',
    },
    {
      on: 'opener',
      key: 'ArrowLeft',
      does: 'On a picker that is a tab: picks the previous slide; wraps',
      by: 'engine',
    },
    { on: 'opener', key: 'Home', does: 'On a picker that is a tab: picks the first slide', by: 'engine' },
    { on: 'opener', key: 'End', does: 'On a picker that is a tab: picks the last slide', by: 'engine' },
  ],
  presses: [
    { on: 'opener', does: 'Shows the slide it stands for, or stops and starts the rotation' },
    { on: 'slide', does: 'A swipe scrolls to the next; the state follows where it comes to rest' },
  ],
  states: [
    {
      name: 'selected',
      type: 'the key of the first slide in view',
      first: 'that of the first slide',
      shown: 'the scroll position; aria-selected or aria-current on the pickers; inert on slides out of view',
    },
    {
      name: 'rotating',
      type: 'boolean',
      first: 'true with an interval, unless motion is reduced',
      shown: 'data-rotating on its button; aria-live of its live region is off while they turn',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: carouselMethodNotes,
  commands: [
    ...moveCommands,
    {
      name: '--select',
      does: 'Brings a slide into view; without a value the one in the place of the control among its like.',
      value: 'the key of a slide',
    },
    { name: '--rotate', does: 'Starts and stops rotation.' },
  ],
  options: carouselOptionNotes,
  owes: [
    'Slides out of view are inert: nothing in them can be reached.',
    'A swipe, a trackpad or a scrolled wheel moves it by native scroll snapping, and the state follows.',
    'Rotation stops for good when it is told to, pauses while the pointer or the focus is inside and while the page is hidden, and with reduced motion starts only when it is told to.',
    'A live region, off while it rotates and polite when it does not, announces a slide that the user has asked for: its name and its words.',
  ],
};
