// The notes of the tooltip contract, for documents, the command line and the conformance tests.
import { openCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { TooltipPart } from './tooltip.js';
import { tooltipMethodNotes, tooltipOptionNotes } from './typed-notes.js';

/** The notes of the pattern `tooltip`. */
export const tooltipNotes: Notes<TooltipPart> = {
  name: 'tooltip',
  group: 'layer',
  keywords: 'hint title hover text description tip',
  summary: 'Shows a short description of a control while the pointer or focus is on it.',
  for: 'A few words that describe a control, shown on focus and on hover.',
  not: 'The only name of a control (name the control itself), content to click or to read carefully (use a popover), or information that touch users need.',
  standard: 'WAI-ARIA Authoring Practices, Tooltip; WCAG 1.4.13, Content on Hover or Focus',
  parts: {
    root: {
      is: 'any element with an id and without focusable content. Add popover="manual" so that it is hidden before scripts run.',
      required: true,
      why: 'Screen readers read its text with the control.',
    },
    opener: {
      is: 'a focusable element whose aria-describedby (or aria-labelledby) names the tooltip. There can be any number, anywhere on the page.',
      required: true,
      why: 'The tooltip describes or names it, whether or not the tooltip is visible.',
    },
  },
  keys: [
    { on: 'opener', key: 'Escape', does: 'Hides the tooltip and leaves focus where it is', by: 'engine' },
  ],
  presses: [{ on: 'opener', does: 'Hides the tooltip' }],
  states: [
    { name: 'open', type: 'boolean', first: 'false', shown: ':popover-open and data-phase on the tooltip' },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the tooltip' },
  ],
  methods: tooltipMethodNotes,
  commands: openCommands,
  options: tooltipOptionNotes,
  guarantees: [
    'It appears on hover and on keyboard focus. It stays until it is dismissed, the pointer leaves or focus moves.',
    'The pointer can move onto the tooltip without closing it.',
    'Escape hides it and leaves focus where it is.',
    'Only one tooltip is visible at a time. Moving from one control to the next shows the next tooltip without delay.',
  ],
};
