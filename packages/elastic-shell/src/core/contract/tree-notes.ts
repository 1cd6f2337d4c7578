// The words of the tree contract: for documents, the command line and the conformance tests.
import { checkCommands, expandCommands, selectCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { TreePart } from './tree.js';
import { treeMethodNotes, treeOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `tree`. */
export const treeNotes: Notes<TreePart> = {
  name: 'tree',
  group: 'control',
  says: 'Rows in branches that open and close, to move through, select or check.',
  for: 'Things within things, in branches that open: folders, parts, places; to select or to check.',
  not: 'The navigation of a site (nested lists of links in disclosures), or a table with columns.',
  standard: 'WAI-ARIA Authoring Practices, Tree View',
  parts: {
    root: {
      is: 'a named list (nested lists are read), or an empty element with role="tree" and the option items',
      required: true,
      why: 'It is one tab stop, and what scrolls.',
    },
    item: {
      is: 'an <li> of the nested lists; its key is data-key, else id, else its place. Or made from data',
      required: true,
      why: 'It is a row: what is moved to, opened, selected.',
    },
    group: { is: 'a list inside an <li>', required: false, why: 'It holds the rows under a branch.' },
    marker: {
      is: '[data-marker] in a row',
      required: false,
      why: 'A press on it opens and closes, and never selects.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --expand, --collapse, --toggle, --select or --check; its value is the key of a row',
      required: false,
      why: 'For controls elsewhere that open, select or check.',
    },
  },
  keys: [
    { on: 'item', key: 'ArrowDown', does: 'Goes to the next row that shows', by: 'engine' },
    { on: 'item', key: 'ArrowUp', does: 'Goes to the previous row that shows', by: 'engine' },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Opens a closed branch; on an open one goes to its first row; on a leaf nothing',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Closes an open branch; else goes to the branch around it',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Goes to the first row', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last row that shows', by: 'engine' },
    { on: 'item', key: 'PageDown', does: 'Goes on by what is in view', by: 'engine' },
    { on: 'item', key: 'PageUp', does: 'Goes back by what is in view', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Goes to the next row that begins with them', by: 'engine' },
    { on: 'item', key: '*', does: 'Opens all branches beside this one', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Opens or closes a branch; selects or checks a leaf', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Selects the row; with checks, checks it', by: 'engine' },
    { on: 'item', key: 'Shift+Arrow', does: 'Of several: extends the range', by: 'engine' },
    { on: 'item', key: 'Control+a', does: 'Of several: selects all rows that show', by: 'engine' },
  ],
  presses: [
    { on: 'marker', does: 'Opens or closes the branch' },
    {
      on: 'item',
      does: 'Selects the row, and opens or closes its branch unless told not to; of several, with Control or Command takes it in or out, with Shift selects the range',
    },
  ],
  states: [
    {
      name: 'expanded',
      type: 'a set of keys',
      first: 'the rows with aria-expanded="true"',
      shown: 'aria-expanded on branches; hidden on the groups of closed ones',
    },
    {
      name: 'selected',
      type: 'a key or undefined; with multiple, a set of keys',
      first: 'the rows with aria-selected="true"',
      shown: 'aria-selected on every row',
    },
    {
      name: 'checked',
      type: 'a set of the keys of checked leaves',
      first: 'the leaves with aria-checked="true"',
      shown: 'aria-checked on every row: true, false or mixed',
    },
    {
      name: 'current',
      type: 'a key, or undefined',
      first: 'undefined: the tab stop is the first selected row, else the first',
      shown: 'tabindex on the rows, and focus',
    },
    {
      name: 'query',
      type: 'text',
      first: 'empty',
      shown: 'only the rows that match, and the branches around them',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: treeMethodNotes,
  commands: [...selectCommands, ...expandCommands, ...checkCommands],
  options: treeOptionNotes,
  owes: [
    'One tab stop; closing a branch that holds focus moves focus to that branch.',
    'A branch whose children are fetched is busy meanwhile; a failure says so in a row of its own, which tries again.',
    'A filter keeps the matches and the branches around them; clearing it closes what it opened. How many there are is said, that there is none is also shown.',
    'expandTo(key) opens the way to a row and scrolls it into view.',
    'From data only the rows in view are on the page; 100,000 work at the speed of 100.',
    'A key that stands in it twice, or a cycle, is a TypeError that names it.',
  ],
};
