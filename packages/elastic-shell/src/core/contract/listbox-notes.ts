// The notes of the listbox contract, for documents, the command line and the conformance tests.
import { selectCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { ListboxPart } from './listbox.js';
import { listboxMethodNotes, listboxOptionNotes } from './typed-notes.js';

/** The notes of the pattern `listbox`. */
export const listboxNotes: Notes<ListboxPart> = {
  name: 'listbox',
  group: 'control',
  keywords: 'select list options multi select multiselect choose list single selection',
  summary: 'A list of options, of which one or several can be selected.',
  for: 'Choosing one or several options from a list that stays on the page.',
  not: 'A few options in a form (use radio buttons or checkboxes), or a list that needs searching (use a combobox).',
  standard: 'WAI-ARIA Authoring Practices, Listbox',
  parts: {
    root: {
      is: 'an element with role="listbox" and a name',
      required: true,
      why: 'It contains the options, scrolls, and has one tab stop.',
    },
    item: {
      is: 'role="option" in the listbox, or an option rendered from the option items. Its key is data-key, id or its index from 0, in that order.',
      required: true,
      why: 'It is the option that users move to and select.',
    },
    group: {
      is: 'role="group" around options, with a name',
      required: false,
      why: 'Its name describes what its options have in common. Keys move through it.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --select, --deselect, --select-all or --clear. Its value is the key of an option.',
      required: false,
      why: 'Controls elsewhere can change the selection.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'ArrowDown',
      does: 'Moves to the next option and selects it. In a grid: moves to the row below',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowUp',
      does: 'Moves to the previous option and selects it. In a grid: moves to the row above',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'In a grid, or if horizontal: moves to the next option',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'In a grid, or if horizontal: moves to the previous option',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Moves to the first option', by: 'engine' },
    { on: 'item', key: 'End', does: 'Moves to the last option', by: 'engine' },
    { on: 'item', key: 'PageDown', does: 'Moves down by one screenful', by: 'engine' },
    { on: 'item', key: 'PageUp', does: 'Moves up by one screenful', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Moves to the next option that begins with them', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Selects the option', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Selects the option. With multiple: adds or removes it', by: 'engine' },
    {
      on: 'item',
      key: 'Shift+Arrow',
      does: 'With multiple: extends the range, as do Shift+Home, End, PageUp and PageDown',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Control+Shift+Home',
      does: 'With multiple: selects from the start of the range to the first option',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Control+Shift+End',
      does: 'With multiple: selects from the start of the range to the last option',
      by: 'engine',
    },
    { on: 'item', key: 'Control+a', does: 'With multiple: selects all options', by: 'engine' },
  ],
  presses: [
    {
      on: 'item',
      does: 'Selects the option. With multiple: adds or removes it, and with Shift selects a range',
    },
  ],
  states: [
    {
      name: 'selected',
      type: 'a key or undefined. With multiple: a set of keys',
      first: 'the options with aria-selected="true"',
      shown: 'aria-selected on every option',
    },
    {
      name: 'current',
      type: 'a key, or undefined',
      first: 'undefined. The tab stop is then the first selected option, or the first option',
      shown: 'tabindex on the options, and focus',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: listboxMethodNotes,
  commands: selectCommands,
  options: listboxOptionNotes,
  guarantees: [
    'The listbox has one tab stop, and the current option is always visible.',
    'Options can be added and removed later. Selected keys are kept even if their option is missing.',
    'With more than 200 items, only the visible rows are in the page, with aria-setsize and aria-posinset. The row with focus always stays.',
    'If a render function throws, that option shows its label, and the others are unaffected.',
  ],
};
