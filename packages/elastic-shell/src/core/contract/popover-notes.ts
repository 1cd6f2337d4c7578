// The notes of the popover contract, for documents, the command line and the conformance tests.
import { openCommands, popoverCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { PopoverPart } from './popover.js';
import { popoverMethodNotes, popoverOptionNotes } from './typed-notes.js';

/** The notes of the pattern `popover`. */
export const popoverNotes: Notes<PopoverPart> = {
  name: 'popover',
  group: 'layer',
  keywords: 'popup dropdown panel hover card flyout info bubble popover',
  summary: 'Opens beside its opener, above the rest of the page, and follows it. The page stays usable.',
  for: 'Content beside a button that can contain links and fields: a note, a picker, a small form. The page stays usable.',
  not: 'Plain text that describes a control (use a tooltip), or a list of actions (use a menu).',
  standard: 'HTML, the popover attribute; CSS Anchor Positioning, position-area; WCAG 2.4.3, Focus Order',
  parts: {
    root: {
      is: 'any element with an id. Add popover="manual" so that it is hidden before scripts run.',
      required: true,
      why: 'The top layer shows it above everything, without moving it in the document. No ancestor can clip or cover it.',
    },
    opener: {
      is: 'a <button> whose commandfor or aria-controls names the popover. There can be any number, anywhere on the page.',
      required: true,
      why: 'The popover is placed beside it, unless the option anchor names another element.',
    },
    title: {
      is: 'the first heading of the popover, unless aria-label or aria-labelledby names it',
      required: false,
      why: 'With a title, screen readers announce the popover as a named group.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens or closes the popover', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens or closes the popover', by: 'browser' },
    {
      on: 'opener',
      key: 'Tab',
      does: 'Moves into the open popover, if it contains a focusable element',
      by: 'engine',
    },
    {
      on: 'root',
      key: 'Tab',
      does: 'Moves to the next control, and from the last one to the element after the opener',
      by: 'engine',
    },
    {
      on: 'root',
      key: 'Shift+Tab',
      does: 'Moves to the previous control, and from the first one to the opener',
      by: 'engine',
    },
    {
      on: 'root',
      key: 'Escape',
      does: 'Closes it and returns focus to the opener, with the reason "escape"',
      by: 'engine',
    },
  ],
  presses: [
    { on: 'opener', does: 'Opens the popover. A second click closes it' },
    { on: 'outside', does: 'Closes it, with the reason "outside"' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: ':popover-open and data-phase on the popover, aria-expanded on every opener',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the popover' },
  ],
  methods: popoverMethodNotes,
  commands: [...openCommands, ...popoverCommands],
  options: popoverOptionNotes,
  guarantees: [
    'It stays inside the viewport, beside its anchor. If it is larger than the available space, its content scrolls.',
    'It follows its anchor when the page scrolls, is resized or changes its layout. It does no work while nothing moves.',
    'It closes if its anchor is scrolled out of view or removed.',
    'A nested popover closes with its parent, and a click inside the nested one never closes the parent.',
    'When it closes, focus returns to the opener if focus was inside.',
    'A popover opened by hover closes when the pointer has left both it and its opener. Clicking the opener keeps it open.',
    'An opener with aria-disabled stays in the focus order but opens nothing. A tooltip can explain why.',
  ],
};
