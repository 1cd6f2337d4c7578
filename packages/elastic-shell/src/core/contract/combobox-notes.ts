// The words of the combobox contract: for documents, the command line and the conformance tests.
import { openCommands, selectCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { ComboboxPart } from './combobox.js';
import { comboboxMethodNotes, comboboxOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `combobox`. */
export const comboboxNotes: Notes<ComboboxPart> = {
  name: 'combobox',
  group: 'control',
  says: 'A field and a list to choose from: pressed open, or searched by typing; for one or for several.',
  for: 'Choosing from many by typing, one or several, from a list at hand or asked of a server.',
  not: "A handful of fixed values without pictures: the platform's select does that without script.",
  standard: 'WAI-ARIA Authoring Practices, Combobox',
  parts: {
    root: {
      is: 'the element that holds the field and the list',
      required: true,
      why: 'It is what is wired, and what commands name.',
    },
    field: {
      is: 'role="combobox", named: an <input> to type into, or a <button> to choose only. In the popup: a search box, opened by a <button> with aria-haspopup',
      required: true,
      why: 'It keeps focus, and names the current option by aria-activedescendant.',
    },
    popup: {
      is: 'the element with popover="manual" around the list',
      required: true,
      why: 'It goes to the top layer where it stands, beside the field.',
    },
    list: { is: 'role="listbox" in it', required: true, why: 'It holds the options.' },
    item: {
      is: 'role="option" in the list; its key is data-key, else id, else its place. Or made from the option items',
      required: true,
      why: 'Its [data-label], else its words, are its name; its [data-description] follows.',
    },
    tokens: {
      is: '[data-tokens], else made before the field',
      required: false,
      why: 'With multiple, it holds what is selected as buttons that remove it.',
    },
    value: {
      is: '[data-value] in a <button> field',
      required: false,
      why: 'It shows the label of what is selected.',
    },
    status: {
      is: 'role="status"',
      required: false,
      why: 'Counts and changes are said there; one is made where there is none.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root: --toggle, --open, --close or --clear',
      required: false,
      why: 'For an arrow beside the field, and a cross.',
    },
  },
  keys: [
    {
      on: 'field',
      key: 'ArrowDown',
      does: 'Opens the list at what is selected, else the first, also from the button of a search box; goes to the next option; wraps',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'ArrowUp',
      does: 'Opens the list at the last; goes to the previous option; wraps',
      by: 'engine',
    },
    { on: 'field', key: 'Alt+ArrowDown', does: 'Opens the list', by: 'engine' },
    { on: 'field', key: 'Alt+ArrowUp', does: 'Closes the list', by: 'engine' },
    { on: 'field', key: 'Enter', does: 'Selects the current option; a closed button opens', by: 'engine' },
    { on: 'field', key: 'Space', does: 'On a button: opens, and selects the current option', by: 'engine' },
    { on: 'field', key: 'Escape', does: 'Closes the list; then clears', by: 'engine' },
    {
      on: 'field',
      key: 'Home',
      does: 'In text moves the caret; on a button goes to the first option',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'End',
      does: 'In text moves the caret; on a button goes to the last option',
      by: 'engine',
    },
    { on: 'field', key: 'PageDown', does: 'Goes on by what is in view', by: 'engine' },
    { on: 'field', key: 'PageUp', does: 'Goes back by what is in view', by: 'engine' },
    {
      on: 'field',
      key: 'letters',
      does: 'In text search; on a button lead to the option that begins with them',
      by: 'engine',
    },
    {
      on: 'field',
      key: 'Tab',
      does: 'Closes and goes on; on a button selects the current option first',
      by: 'engine',
    },
    { on: 'field', key: 'Backspace', does: 'In an empty field goes to the last token', by: 'engine' },
    { on: 'tokens', key: 'ArrowLeft', does: 'Goes to the token before', by: 'engine' },
    {
      on: 'tokens',
      key: 'ArrowRight',
      does: 'Goes to the token after, and from the last to the field',
      by: 'engine',
    },
    { on: 'tokens', key: 'Home', does: 'Goes to the first token', by: 'engine' },
    { on: 'tokens', key: 'End', does: 'Goes to the field', by: 'engine' },
    { on: 'tokens', key: 'Delete', does: 'Removes the token', by: 'engine' },
    { on: 'tokens', key: 'Backspace', does: 'Removes the token', by: 'engine' },
  ],
  presses: [
    { on: 'field', does: 'Opens the list; on a button a second press closes it' },
    { on: 'item', does: 'Selects the option; of several, takes it in or out' },
    { on: 'tokens', does: 'Removes the token' },
    { on: 'outside', does: 'Closes the list' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: 'aria-expanded on the field; :popover-open on the popup',
    },
    {
      name: 'selected',
      type: 'a key or undefined; with multiple, a set of keys',
      first: 'the options with aria-selected="true"',
      shown: 'aria-selected on options; the field, or tokens',
    },
    { name: 'query', type: 'text', first: 'empty', shown: 'the options that match; emptied when it closes' },
    {
      name: 'text',
      type: 'text',
      first: 'the label of what is selected',
      shown: 'the field while it is closed',
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
  owes: [
    'Closing restores the label of what is selected, or keeps free text; the search is always emptied.',
    'The label is the name of an option, the description follows it; the match is marked as the highlight shell-match.',
    'Options that are fetched: what stood there stays until the answer comes; a failure says so and can be tried again.',
    'The count of matches is announced politely in the plural forms of the page’s language; that there is none also shows.',
    'Each token that comes or goes is announced; the last one that may come says so.',
    'It takes part in forms: values, required, reset.',
  ],
};
