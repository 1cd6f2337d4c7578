// The words of the dialog contract: for documents, the command line and the conformance tests.
import { resultCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { DialogPart } from './dialog.js';
import { dialogMethodNotes, dialogOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `dialog`. */
export const dialogNotes: Notes<DialogPart> = {
  name: 'dialog',
  group: 'layer',
  says: 'Opens above the page and keeps everything else out of reach until it is answered or dismissed.',
  for: 'Something that has to be read, answered or filled in before the page goes on: a form, a confirmation, terms.',
  not: 'A hint beside a control (popover), a message that something was saved (an output on the page), or what people should compare with the page behind it (a drawer that leaves the page live).',
  standard: 'WAI-ARIA Authoring Practices, Dialog (Modal) and Alert Dialog; HTML, the dialog element',
  parts: {
    root: {
      is: 'a <dialog>; with role="alertdialog" when it interrupts and wants an answer',
      required: true,
      why: 'The platform gives it the top layer, the backdrop and the inertness of the page.',
    },
    opener: {
      is: 'a <button> whose commandfor names the dialog, with command="show-modal", "--open" or "--toggle"; anywhere, any number',
      required: false,
      why: 'Without one only the program opens it.',
    },
    title: {
      is: 'its first heading, unless aria-label or aria-labelledby names it',
      required: true,
      why: 'A dialog without a name is announced as "dialog" and nothing else.',
    },
    description: {
      is: 'its first paragraph, for an alert dialog, unless aria-describedby names another',
      required: false,
      why: 'An alert dialog is read out whole: the question, not only its title.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the dialog', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the dialog', by: 'browser' },
    { on: 'root', key: 'Escape', does: 'Closes the innermost dialog, reason "escape"', by: 'engine' },
    { on: 'root', key: 'Tab', does: 'Goes to the next control; from the last to the first', by: 'engine' },
    {
      on: 'root',
      key: 'Shift+Tab',
      does: 'Goes to the previous control; from the first to the last',
      by: 'engine',
    },
  ],
  presses: [
    { on: 'opener', does: 'Opens the dialog' },
    { on: 'outside', does: 'Closes it, reason "outside"; an alert dialog stays' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false, or true when the markup has open',
      shown: 'open on the dialog; aria-expanded on every opener; data-phase on the dialog',
    },
    {
      name: 'busy',
      type: 'boolean, read only',
      first: 'false',
      shown: 'aria-busy on the dialog; aria-disabled on the pressed control',
    },
  ],
  methods: dialogMethodNotes,
  commands: resultCommands,
  options: dialogOptionNotes,
  owes: [
    'While open, everything outside is inert, the page does not scroll and does not shift sideways.',
    'First focus: [autofocus], else the first field, else the least destructive action, else the heading; a long text starts at its top.',
    'Opened with the keyboard, it has focus itself for a moment before, so that a screen reader announces its name. A key that is pressed meanwhile goes to the control.',
    'A press that begins inside and ends outside, or on a scrollbar, does not close it.',
    'Focus returns to the opener; where that is gone, to what follows where it stood; never to the body.',
    'Nested dialogs close one at a time, children before parents.',
    'While a guard waits: aria-busy, the pressed control aria-disabled, a second press ignored. A failure keeps it open and is announced in it.',
    'A header and a footer stay in view, and what is between them scrolls. --shell-dialog-offset moves it down from the top.',
    'Opened from a popover that is told to close behind it, it gives focus back to the opener of that popover.',
    'ask() opens it and answers with the value of the control that closed it, or null when dismissed.',
  ],
};
