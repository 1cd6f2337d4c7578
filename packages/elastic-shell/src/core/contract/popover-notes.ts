// The words of the popover contract: for documents, the command line and the conformance tests.
import { openCommands, popoverCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { PopoverPart } from './popover.js';
import { popoverMethodNotes, popoverOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `popover`. */
export const popoverNotes: Notes<PopoverPart> = {
  name: 'popover',
  group: 'layer',
  says: 'Opens beside its control, above everything, and follows it; the page stays live.',
  for: 'Something beside its button that may hold links and fields: a note, a picker, a small form, while the page stays live.',
  not: 'Words alone that describe a control (tooltip), or a list of actions (menu).',
  standard: 'HTML, the popover attribute; CSS Anchor Positioning, position-area; WCAG 2.4.3, Focus Order',
  parts: {
    root: {
      is: 'any element with an id, best with popover="manual", so that it is hidden before script runs',
      required: true,
      why: 'It goes to the top layer where it stands, out of reach of clipping and stacking.',
    },
    opener: {
      is: 'a <button> whose commandfor or aria-controls names it; anywhere, any number',
      required: true,
      why: 'It is what the popover stands beside, unless the option anchor says otherwise.',
    },
    title: {
      is: 'its first heading, unless aria-label or aria-labelledby names it',
      required: false,
      why: 'A popover with a title is a named group.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the popover, or closes it', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the popover, or closes it', by: 'browser' },
    {
      on: 'opener',
      key: 'Tab',
      does: 'Enters the open popover, when it holds anything that takes focus',
      by: 'engine',
    },
    { on: 'root', key: 'Tab', does: 'Goes on; from its end to what follows the opener', by: 'engine' },
    { on: 'root', key: 'Shift+Tab', does: 'Goes back; from its start to the opener', by: 'engine' },
    { on: 'root', key: 'Escape', does: 'Closes it and gives focus back, reason "escape"', by: 'engine' },
  ],
  presses: [
    { on: 'opener', does: 'Opens the popover; a second press closes it' },
    { on: 'outside', does: 'Closes it, reason "outside"' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: ':popover-open and data-phase on the popover; aria-expanded on every opener',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the popover' },
  ],
  methods: popoverMethodNotes,
  commands: [...openCommands, ...popoverCommands],
  options: popoverOptionNotes,
  owes: [
    'It stands within the screen whenever it fits, beside its anchor; where it does not fit it scrolls inside.',
    'It follows its anchor through scrolling, resizing and layout change, with no work while nothing moves.',
    'It closes when its anchor is scrolled out of view or removed.',
    'Nested: a child closes with its parent; a press in a child never closes the parent.',
    'Focus returns to the opener when it was inside.',
    'Opened by hover it closes when the pointer has left it and its opener; a press on the opener makes it stay.',
    'An opener with aria-disabled keeps its place in the focus order and opens nothing; a tooltip may say why.',
  ],
};
