// The words of the tooltip contract: for documents, the command line and the conformance tests.
import { openCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { TooltipPart } from './tooltip.js';
import { tooltipMethodNotes, tooltipOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `tooltip`. */
export const tooltipNotes: Notes<TooltipPart> = {
  name: 'tooltip',
  group: 'layer',
  says: 'Shows a few words beside a control while the pointer or the focus is on it.',
  for: 'A few words that describe a control, shown on focus and when the pointer rests.',
  not: 'The only name of a control (give it a name), anything to press or read twice (popover), or what touch users must know.',
  standard: 'WAI-ARIA Authoring Practices, Tooltip; WCAG 1.4.13, Content on Hover or Focus',
  parts: {
    root: {
      is: 'any element with an id that holds nothing focusable, best with popover="manual"',
      required: true,
      why: 'It is what is read out with the control.',
    },
    opener: {
      is: 'a focusable element whose aria-describedby (or aria-labelledby) names it; anywhere, any number',
      required: true,
      why: 'It is described, or named, by the tooltip, whether that is shown or not.',
    },
  },
  keys: [{ on: 'opener', key: 'Escape', does: 'Hides it; focus stays', by: 'engine' }],
  presses: [{ on: 'opener', does: 'Hides it' }],
  states: [
    { name: 'open', type: 'boolean', first: 'false', shown: ':popover-open and data-phase on the tooltip' },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the tooltip' },
  ],
  methods: tooltipMethodNotes,
  commands: openCommands,
  options: tooltipOptionNotes,
  owes: [
    'It shows on hover and on keyboard focus, and stays until dismissed, unhovered or blurred.',
    'The pointer can move onto it.',
    'Escape hides it and leaves the focus where it is.',
    'One at a time, and no delay from one to the next.',
  ],
};
