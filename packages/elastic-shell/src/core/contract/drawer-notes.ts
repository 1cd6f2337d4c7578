// The notes of the drawer contract, for documents, the command line and the conformance tests.
import { resultCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { DialogPart } from './dialog.js';
import { drawerMethodNotes, drawerOptionNotes } from './typed-notes.js';

/** The notes of the pattern `drawer`. */
export const drawerNotes: Notes<DialogPart> = {
  name: 'drawer',
  group: 'layer',
  keywords: 'sidebar side panel sheet off canvas slide in navigation mobile menu hamburger bottom sheet',
  summary: 'A dialog at an edge of the screen. It is modal, or leaves the page beside it usable.',
  for: 'Content that slides in from an edge: the navigation of a site on a small screen, or filters beside a list that stays usable.',
  not: 'A question with an answer (use a dialog), or navigation that fits on the page.',
  standard:
    'WAI-ARIA Authoring Practices, Dialog (Modal); HTML, the dialog element and the popover attribute',
  parts: {
    root: {
      is: 'a <dialog>',
      required: true,
      why: 'A modal drawer is a dialog. A non-modal drawer is still named and announced as one.',
    },
    opener: {
      is: 'a <button> whose commandfor names the drawer, with command="--open", "--toggle" or, if it is modal, "show-modal"',
      required: false,
      why: 'Without an opener, only your code opens the drawer.',
    },
    title: {
      is: 'the first heading of the drawer, unless aria-label or aria-labelledby names it',
      required: true,
      why: 'The name distinguishes it from other dialogs.',
    },
    description: { is: 'as for a dialog', required: false, why: 'As for a dialog.' },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the drawer', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the drawer', by: 'browser' },
    { on: 'root', key: 'Escape', does: 'Closes it, with the reason "escape"', by: 'engine' },
    {
      on: 'root',
      key: 'Tab',
      does: 'Modal: stays inside the drawer. Non-modal: continues into the page',
      by: 'engine',
    },
  ],
  presses: [
    { on: 'opener', does: 'Opens the drawer' },
    { on: 'outside', does: 'Modal: closes it, with the reason "outside". Non-modal: has no effect' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: 'open or :popover-open, aria-expanded on every opener, data-phase',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the drawer' },
  ],
  methods: drawerMethodNotes,
  commands: resultCommands,
  options: drawerOptionNotes,
  guarantees: [
    'A modal drawer has all guarantees of a modal dialog.',
    'Its edges are logical: start and end follow the writing direction.',
    'It avoids the screen’s cut-outs (safe areas), and its content scrolls inside it.',
    'A swipe towards its edge drags it along and closes it. At the top or bottom edge the swipe has to start on the header.',
    'When the screen becomes wider than its breakpoint it closes. Focus moves to its opener, or to the element after the opener if that is hidden.',
  ],
};
