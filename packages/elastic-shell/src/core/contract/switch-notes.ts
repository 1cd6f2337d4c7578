// The notes of the switch contract, for documents, the command line and the conformance tests.
import type { Notes } from './contract.js';
import type { SwitchPart } from './switch.js';
import { switchMethodNotes, switchOptionNotes } from './typed-notes.js';

/** The notes of the pattern `switch`. */
export const switchNotes: Notes<SwitchPart> = {
  name: 'switch',
  group: 'control',
  keywords: 'toggle toggle switch on off checkbox',
  summary: 'Turns one setting on or off, immediately.',
  for: 'A setting that takes effect immediately.',
  not: 'A choice that is submitted with a form later (use a checkbox).',
  standard: 'WAI-ARIA Authoring Practices, Switch; HTML, form-associated elements',
  parts: {
    root: {
      is: 'a <button>, or an <input type="checkbox">, with a name that doesn’t change with the state',
      required: true,
      why: 'Both already have focus and keyboard support. A checkbox also works before scripts run.',
    },
  },
  keys: [
    { on: 'root', key: 'Space', does: 'Turns it on or off', by: 'browser' },
    { on: 'root', key: 'Enter', does: 'On a button: turns it on or off', by: 'browser' },
  ],
  presses: [{ on: 'root', does: 'Turns it on or off' }],
  states: [
    {
      name: 'checked',
      type: 'boolean',
      first: 'the value of checked or aria-checked in the markup',
      shown: 'aria-checked on a button, the property checked on a checkbox, data-checked on both',
    },
    {
      name: 'busy',
      type: 'boolean, read only',
      first: 'false',
      shown: 'aria-busy and aria-disabled. It shows the previous state until the guard resolves',
    },
  ],
  methods: switchMethodNotes,
  commands: [
    { name: '--check', does: 'Turns it on.' },
    { name: '--uncheck', does: 'Turns it off.' },
    { name: '--toggle', does: 'Turns it on if it is off, and off if it is on.' },
  ],
  options: switchOptionNotes,
  guarantees: [
    'aria-checked (or checked) always matches the state, however it was changed.',
    'It takes part in its form: a button with a name submits its value (or "on") while it is on, and a reset restores the initial state.',
    'While a guard is pending it is marked as busy and ignores clicks. If the guard refuses, the switch keeps its state.',
  ],
};
