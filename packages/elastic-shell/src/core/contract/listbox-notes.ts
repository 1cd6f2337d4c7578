// The words of the listbox contract: for documents, the command line and the conformance tests.
import { selectCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { ListboxPart } from './listbox.js';
import { listboxMethodNotes, listboxOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `listbox`. */
export const listboxNotes: Notes<ListboxPart> = {
  name: 'listbox',
  group: 'control',
  says: 'A list of options of which one or several are selected.',
  for: 'Choosing one or several from a list that stays on the page.',
  not: 'A list of a few that a form sends (radio buttons, checkboxes), or one that has to be searched (combobox).',
  standard: 'WAI-ARIA Authoring Practices, Listbox',
  parts: {
    root: {
      is: 'an element with role="listbox" and a name',
      required: true,
      why: 'It holds the options, is what scrolls, and is one tab stop.',
    },
    item: {
      is: 'role="option" in it; its key is data-key, else id, else its place from 0. Or made from the option items',
      required: true,
      why: 'It is what is moved to and selected.',
    },
    group: {
      is: 'role="group" around options, with a name',
      required: false,
      why: 'It says what its options have in common; keys pass through it.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --select, --deselect, --select-all or --clear; its value is the key of an option',
      required: false,
      why: 'For controls elsewhere that change what is selected.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'ArrowDown',
      does: 'Goes to the next option, and selects it; in a grid to the row below',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowUp',
      does: 'Goes to the previous option, and selects it; in a grid to the row above',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'In a grid, or when horizontal: goes to the next option',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'In a grid, or when horizontal: goes to the previous option',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Goes to the first option', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last option', by: 'engine' },
    { on: 'item', key: 'PageDown', does: 'Goes on by what is in view', by: 'engine' },
    { on: 'item', key: 'PageUp', does: 'Goes back by what is in view', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Goes to the next option that begins with them', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Selects the option', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Selects the option; of several, takes it in or out', by: 'engine' },
    {
      on: 'item',
      key: 'Shift+Arrow',
      does: 'Of several: extends the range; so do Shift+Home, End, PageUp and PageDown',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Control+Shift+Home',
      does: 'Of several: selects from where the range began to the first',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Control+Shift+End',
      does: 'Of several: selects from where the range began to the last',
      by: 'engine',
    },
    { on: 'item', key: 'Control+a', does: 'Of several: selects all', by: 'engine' },
  ],
  presses: [{ on: 'item', does: 'Selects the option; of several, takes it in or out, with Shift the range' }],
  states: [
    {
      name: 'selected',
      type: 'a key or undefined; with multiple, a set of keys',
      first: 'the options with aria-selected="true"',
      shown: 'aria-selected on every option',
    },
    {
      name: 'current',
      type: 'a key, or undefined',
      first: 'undefined: the tab stop is the first selected option, else the first',
      shown: 'tabindex on the options, and focus',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: listboxMethodNotes,
  commands: selectCommands,
  options: listboxOptionNotes,
  owes: [
    'One tab stop; the current option is always in view.',
    'Options that come or go later are taken up; what is selected and not there is kept.',
    'From data, rows beyond 200 are windowed: only those in view are on the page, with aria-setsize and aria-posinset; the one with focus stays.',
    'A render function that throws costs its own option its looks, not its label, and stops nothing else.',
  ],
};
