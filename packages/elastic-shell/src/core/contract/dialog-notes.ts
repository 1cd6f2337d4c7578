// The notes of the dialog contract, for documents, the command line and the conformance tests.
import { resultCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { DialogPart } from './dialog.js';
import { dialogMethodNotes, dialogOptionNotes } from './typed-notes.js';

/** The notes of the pattern `dialog`. */
export const dialogNotes: Notes<DialogPart> = {
  name: 'dialog',
  group: 'layer',
  keywords:
    'modal modals lightbox alert dialog alertdialog confirm confirmation popup overlay window prompt close button backdrop',
  summary: 'Opens above the page and makes the rest of the page inert until it is answered or dismissed.',
  for: 'Content that has to be read, answered or filled in before the user continues: a form, a confirmation, terms.',
  not: 'A hint beside a control (use a popover), a message that changes were saved (use an output element), or content that people compare with the page behind it (use a non-modal drawer).',
  standard: 'WAI-ARIA Authoring Practices, Dialog (Modal) and Alert Dialog; HTML, the dialog element',
  parts: {
    root: {
      is: 'a <dialog>; with role="alertdialog" if it interrupts the user and needs an answer',
      required: true,
      why: 'The browser provides the top layer, the backdrop and the inert page.',
    },
    opener: {
      is: 'a <button> whose commandfor names the dialog, with command="show-modal", "--open" or "--toggle". There can be any number, anywhere on the page.',
      required: false,
      why: 'Without an opener, only your code opens the dialog.',
    },
    title: {
      is: 'the first heading of the dialog, unless aria-label or aria-labelledby names it',
      required: true,
      why: 'Screen readers announce a dialog without a name only as "dialog".',
    },
    description: {
      is: 'for an alert dialog, its first paragraph, unless aria-describedby names another element',
      required: false,
      why: 'Screen readers read an alert dialog in full: the question, not only its title.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the dialog', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the dialog', by: 'browser' },
    {
      on: 'root',
      key: 'Escape',
      does: 'Closes the innermost dialog, with the reason "escape"',
      by: 'engine',
    },
    {
      on: 'root',
      key: 'Tab',
      does: 'Moves to the next control, and from the last to the first',
      by: 'engine',
    },
    {
      on: 'root',
      key: 'Shift+Tab',
      does: 'Moves to the previous control, and from the first to the last',
      by: 'engine',
    },
  ],
  presses: [
    { on: 'opener', does: 'Opens the dialog' },
    { on: 'outside', does: 'Closes it, with the reason "outside". An alert dialog stays open' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false, or true if the markup has the attribute open',
      shown: 'open on the dialog, aria-expanded on every opener, data-phase on the dialog',
    },
    {
      name: 'busy',
      type: 'boolean, read only',
      first: 'false',
      shown: 'aria-busy on the dialog, aria-disabled on the control that was used',
    },
  ],
  methods: dialogMethodNotes,
  commands: resultCommands,
  options: dialogOptionNotes,
  guarantees: [
    'While it is open, everything outside it is inert. The page doesn’t scroll or shift sideways.',
    'When it opens, focus moves to the element with [autofocus], the first field, the least destructive action or the heading, in that order. Long text starts at its top.',
    'When it is opened with the keyboard, focus stays on the dialog itself for a moment, so that a screen reader announces its name. Keys pressed during that moment go to the first control.',
    'A pointer press that begins inside and ends outside doesn’t close it, and neither does a click on a scrollbar.',
    'When it closes, focus returns to the opener. If the opener was removed, focus moves to the element that followed it, never to the body.',
    'Nested dialogs close one at a time, the innermost first.',
    'While a guard is pending, the dialog has aria-busy, the control that was used has aria-disabled, and further clicks are ignored. If the guard fails, the dialog stays open and the failure is announced in it.',
    'The header and the footer stay visible while the content between them scrolls. --shell-dialog-offset moves the dialog down from the top.',
    'If it was opened from a popover with behind: "close", focus returns to the opener of that popover.',
    'ask() opens it and resolves to the value of the control that closed it, or to null if it was dismissed.',
  ],
};
