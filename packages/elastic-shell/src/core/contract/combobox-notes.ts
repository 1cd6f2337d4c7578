// The notes of the combobox contract, for documents, the command line and the conformance tests.
import { openCommands, selectCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { ComboboxPart } from './combobox.js';
import { comboboxMethodNotes, comboboxOptionNotes } from './typed-notes.js';

/** The notes of the pattern `combobox`. */
export const comboboxNotes: Notes<ComboboxPart> = {
  name: 'combobox',
  group: 'control',
  keywords:
    'autocomplete typeahead select dropdown search select multiselect tags chips tokens async options filter searchable select creatable suggest',
  summary:
    'A field with a list of options to choose from. People open the list or search it by typing, and select one or several.',
  for: 'Choosing one or several of many options by typing, from local data or from a server.',
  not: 'A handful of fixed text values: the <select> element needs no script.',
  standard: 'WAI-ARIA Authoring Practices, Combobox',
  parts: {
    root: {
      is: 'the element that contains the field and the list',
      required: true,
      why: 'It is the element to wire, and the one that commands name.',
    },
    field: {
      is: 'role="combobox", with a name: an <input> to type into, or a <button> to choose only. Inside the popup: a search box, opened by a <button> with aria-haspopup',
      required: true,
      why: 'It keeps focus and names the current option with aria-activedescendant.',
    },
    popup: {
      is: 'the element with popover="manual" around the list',
      required: true,
      why: 'The top layer shows it above everything, beside the field.',
    },
    list: { is: 'role="listbox" in the popup', required: true, why: 'It contains the options.' },
    item: {
      is: 'role="option" in the list, or an option rendered from the option items. Its key is data-key, id or its index, in that order.',
      required: true,
      why: 'Its name is its [data-label] or, without one, its text. Its [data-description] is its description.',
    },
    tokens: {
      is: '[data-tokens], or an element created before the field',
      required: false,
      why: 'With multiple, it contains a button for each selected option, which removes it.',
    },
    value: {
      is: '[data-value] in a <button> field',
      required: false,
      why: 'It shows the label of the selected option.',
    },
    status: {
      is: 'role="status"',
      required: false,
      why: 'Counts and changes are announced there. If there is none, one is created.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --toggle, --open, --close or --clear',
      required: false,
      why: 'For an arrow button beside the field, and a clear button.',
    },
  },
  keys: [
    {
      on: 'field',
      key: 'ArrowDown',
      does: 'Opens the list at the selected option, or at the first, also from the button of a search box. In an open list: moves to the next option, and from the last to the first',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'ArrowUp',
      does: 'Opens the list at the last option. In an open list: moves to the previous option, and from the first to the last',
      by: 'engine',
    },
    { on: 'field', key: 'Alt+ArrowDown', does: 'Opens the list', by: 'engine' },
    { on: 'field', key: 'Alt+ArrowUp', does: 'Closes the list', by: 'engine' },
    {
      on: 'field',
      key: 'Enter',
      does: 'Selects the current option. On a closed button: opens the list',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'Space',
      does: 'On a button: opens the list, or selects the current option',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'Escape',
      does: 'Closes the list. If it is closed: clears the selection',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'Home',
      does: 'In text: moves the caret. On a button: moves to the first option',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'End',
      does: 'In text: moves the caret. On a button: moves to the last option',
      by: 'engine',
    },
    { on: 'field', key: 'PageDown', does: 'Moves down by one screenful', by: 'engine' },
    { on: 'field', key: 'PageUp', does: 'Moves up by one screenful', by: 'engine' },
    {
      on: 'field',
      key: 'letters',
      does: 'In text: searches. On a button: moves to the option that begins with them',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'Tab',
      does: 'Closes the list and moves on. On a button: selects the current option first',
      by: 'engine',
    },
    { on: 'field', key: 'Backspace', does: 'In an empty field: moves to the last token', by: 'engine' },
    { on: 'tokens', key: 'ArrowLeft', does: 'Moves to the previous token', by: 'engine' },
    {
      on: 'tokens',
      key: 'ArrowRight',
      does: 'Moves to the next token, and from the last to the field',
      by: 'engine',
    },
    { on: 'tokens', key: 'Home', does: 'Moves to the first token', by: 'engine' },
    { on: 'tokens', key: 'End', does: 'Moves to the field', by: 'engine' },
    { on: 'tokens', key: 'Delete', does: 'Removes the token', by: 'engine' },
    { on: 'tokens', key: 'Backspace', does: 'Removes the token', by: 'engine' },
  ],
  presses: [
    { on: 'field', does: 'Opens the list. On a button: a second click closes it' },
    { on: 'item', does: 'Selects the option. With multiple: adds or removes it' },
    { on: 'tokens', does: 'Removes the token' },
    { on: 'outside', does: 'Closes the list' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: 'aria-expanded on the field, :popover-open on the popup',
    },
    {
      name: 'selected',
      type: 'a key or undefined. With multiple: a set of keys',
      first: 'the options with aria-selected="true"',
      shown: 'aria-selected on the options, and the text of the field or the tokens',
    },
    {
      name: 'query',
      type: 'text',
      first: 'empty',
      shown: 'the options that match. Cleared when the list closes',
    },
    {
      name: 'text',
      type: 'text',
      first: 'the label of the selected option',
      shown: 'the text of the field while the list is closed',
    },
    {
      name: 'current',
      type: 'a key, or undefined',
      first: 'undefined',
      shown: 'aria-activedescendant on the field, data-current on the option',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: comboboxMethodNotes,
  commands: [...openCommands, ...selectCommands.filter(({ name }) => name !== '--select-all')],
  options: comboboxOptionNotes,
  guarantees: [
    'Closing the list restores the label of the selected option, or keeps free text. The search text is always cleared.',
    'Each option’s label is its accessible name, and its description follows. The matching text has the CSS highlight shell-match.',
    'While options load from a server, the previous ones stay visible. A failure is shown, with a button to try again.',
    'The number of matches is announced politely, with the plural forms of the page’s language. If there are none, a message is also shown.',
    'Adding or removing a token is announced. When the limit is reached, that is announced too.',
    'It takes part in forms: it submits its values, supports required, and is restored on reset.',
  ],
};
