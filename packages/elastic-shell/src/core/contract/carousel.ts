// The carousel: slides side by side, of which one or several are in view.
import { slideFrom } from '../rotation.js';
import type { Contract, Notes, View } from './contract.js';
import { guardOption, onChangeOption } from './openable.js';

export type CarouselPart = 'root' | 'slide' | 'opener';

export interface CarouselState {
  /** The first slide in view, from 0. */
  slide: number;
  /** The slides turn by themselves; hover, focus and a hidden page only pause them. */
  rotating: boolean;
}

export interface CarouselChoices {
  /** Milliseconds that a slide stays while they rotate. Default: no rotation. */
  interval?: number;
  /** From the last slide on to the first, and back. Default: true. */
  wrap?: boolean;
}

const steps: Record<string, number> = { next: 1, previous: -1 };

/** The number of slides; a press on a picker says which by `at`. */
const count = ({ items = [] }: View): number => items.length;

/** Commands, step and semantics of a carousel. */
export const carousel: Omit<Contract<CarouselState, CarouselPart, CarouselChoices>, 'read'> = {
  name: 'carousel',
  commands: {
    '--next': 'next',
    '--previous': 'previous',
    '--first': 'first',
    '--last': 'last',
    '--pick': 'pick',
    '--rotate': 'rotate',
  },
  step(state, intent, view) {
    if (intent === 'rotate') return { ...state, rotating: !state.rotating };
    const { wrap = true } = view.options;
    const by = steps[intent];
    const slide =
      by !== undefined
        ? slideFrom(state.slide, by, count(view), wrap)
        : slideFrom({ first: 0, last: count(view) - 1 }[intent] ?? Number(view.at), 0, count(view), false);
    return slide === state.slide || Number.isNaN(slide) ? state : { ...state, slide };
  },
  semantics: {
    root: (_, { root }) => ({
      'aria-roledescription': 'carousel',
      ...(!root.hasAttribute('role') && root.localName !== 'section' && { role: 'group' }),
    }),
    opener: ({ slide, rotating }, view, intent) => {
      const atEnd =
        slide === { next: count(view) - 1, previous: 0, first: 0, last: count(view) - 1 }[intent!];
      if (intent === 'rotate') return { 'data-rotating': `${rotating}` };
      return view.options.wrap === false && atEnd ? { 'aria-disabled': 'true' } : {};
    },
  },
};

export const carouselNotes: Notes<CarouselPart> = {
  name: 'carousel',
  says: 'Shows slides side by side, one or several at a time.',
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
      is: 'a <button> whose commandfor names the root, with --previous, --next, --first, --last, --pick (its value is the number of the slide, from 1) or --rotate',
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
      name: 'slide',
      type: 'number, from 0',
      first: '0',
      shown: 'the scroll position; aria-selected or aria-current on the pickers; inert on slides out of view',
    },
    {
      name: 'rotating',
      type: 'boolean',
      first: 'true with an interval, unless motion is reduced',
      shown: 'data-rotating on its button; aria-live on the slides is off while they turn',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  options: [
    { name: 'slide', values: 'a number or a cell', default: '0', does: 'The first slide in view, from 0.' },
    {
      name: 'rotating',
      values: 'true, false or a cell',
      default: 'true with an interval',
      does: 'Whether the slides turn by themselves.',
    },
    {
      name: 'interval',
      values: 'milliseconds',
      default: 'none',
      does: 'How long a slide stays while they rotate.',
    },
    {
      name: 'wrap',
      values: 'true, false',
      default: 'true',
      does: 'From the last on to the first, and back.',
    },
    {
      name: 'messages',
      values: '{ slide(n, m), rotate(rotating) }',
      default: '"n of m", "Stop rotation" and "Start rotation"',
      does: 'The names of slides and of the rotation button.',
    },
    guardOption,
    onChangeOption,
  ],
  owes: [
    'Slides out of view are inert: nothing in them can be reached.',
    'A swipe, a trackpad or a scrolled wheel moves it by native scroll snapping, and the state follows.',
    'Rotation stops for good when it is told to, pauses while the pointer or the focus is inside and while the page is hidden, and never starts with reduced motion.',
    'It is a live region: off while it rotates, polite when it does not.',
  ],
};
