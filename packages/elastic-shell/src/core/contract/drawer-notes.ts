// The words of the drawer contract: for documents, the command line and the conformance tests.
import { resultCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { DialogPart } from './dialog.js';
import { drawerMethodNotes, drawerOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `drawer`. */
export const drawerNotes: Notes<DialogPart> = {
  name: 'drawer',
  group: 'layer',
  says: 'A dialog that comes from an edge of the screen: modal, or beside a page that stays live.',
  for: 'What comes in from an edge: the sections of a site on a small screen, filters beside a list that stays live.',
  not: 'A question with an answer (dialog), or navigation that has room on the page.',
  standard:
    'WAI-ARIA Authoring Practices, Dialog (Modal); HTML, the dialog element and the popover attribute',
  parts: {
    root: {
      is: 'a <dialog>',
      required: true,
      why: 'Modal it is one; beside a live page it is still named and announced as one.',
    },
    opener: {
      is: 'a <button> whose commandfor names it, with command="--open", "--toggle" or, when modal, "show-modal"',
      required: false,
      why: 'Without one only the program opens it.',
    },
    title: {
      is: 'its first heading, unless aria-label or aria-labelledby names it',
      required: true,
      why: 'It has to be told from others.',
    },
    description: { is: 'as for a dialog', required: false, why: 'As for a dialog.' },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the drawer', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the drawer', by: 'browser' },
    { on: 'root', key: 'Escape', does: 'Closes it, reason "escape"', by: 'engine' },
    {
      on: 'root',
      key: 'Tab',
      does: 'Modal: stays within. Beside a live page: goes on into it',
      by: 'engine',
    },
  ],
  presses: [
    { on: 'opener', does: 'Opens the drawer' },
    { on: 'outside', does: 'Modal: closes it, reason "outside". Beside a live page: nothing' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: 'open or :popover-open; aria-expanded on every opener; data-phase',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the drawer' },
  ],
  methods: drawerMethodNotes,
  commands: resultCommands,
  options: drawerOptionNotes,
  owes: [
    'Everything a modal dialog owes, when it is modal.',
    'It is attached in logical terms: the inline edges follow the writing direction.',
    'It keeps clear of the screen’s cut-outs (safe areas), and its content scrolls inside.',
    'A finger that swipes toward its edge takes it along and closes it; at a block edge it begins on the header.',
    'Past its breakpoint it closes by itself, and focus goes to its opener, or to what follows where that is hidden.',
  ],
};
