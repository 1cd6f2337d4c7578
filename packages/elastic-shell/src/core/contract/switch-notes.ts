// The words of the switch contract: for documents, the command line and the conformance tests.
import type { Notes } from './contract.js';
import type { SwitchPart } from './switch.js';
import { switchMethodNotes, switchOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `switch`. */
export const switchNotes: Notes<SwitchPart> = {
  name: 'switch',
  group: 'control',
  says: 'Turns one thing on or off, at once.',
  for: 'Something that is on or off, at once.',
  not: 'A choice that is sent with a form later (a checkbox).',
  standard: 'WAI-ARIA Authoring Practices, Switch; HTML, form-associated elements',
  parts: {
    root: {
      is: 'a <button>, or an <input type="checkbox">, with a name that does not change with the state',
      required: true,
      why: 'Either has focus and keys already; a checkbox also works before any script runs.',
    },
  },
  keys: [
    { on: 'root', key: 'Space', does: 'Turns it over', by: 'browser' },
    { on: 'root', key: 'Enter', does: 'On a button: turns it over', by: 'browser' },
  ],
  presses: [{ on: 'root', does: 'Turns it over' }],
  states: [
    {
      name: 'checked',
      type: 'boolean',
      first: 'as checked or aria-checked says',
      shown: 'aria-checked on a button, the property checked on a checkbox, data-checked on both',
    },
    {
      name: 'busy',
      type: 'boolean, read only',
      first: 'false',
      shown: 'aria-busy and aria-disabled; it stands as before until the guard has answered',
    },
  ],
  methods: switchMethodNotes,
  commands: [
    { name: '--check', does: 'Turns it on.' },
    { name: '--uncheck', does: 'Turns it off.' },
    { name: '--toggle', does: 'Turns it over.' },
  ],
  options: switchOptionNotes,
  owes: [
    'aria-checked (or checked) always equals the state, whichever way it was changed.',
    'It takes part in its form: a button with a name sends its value (or "on") while it is on, and a reset brings back how it began.',
    'While a guard waits it says so and ignores presses; refused, it stays as it was.',
  ],
};
