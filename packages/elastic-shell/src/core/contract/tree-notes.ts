// The notes of the tree contract, for documents, the command line and the conformance tests.
import { checkCommands, expandCommands, selectCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { TreePart } from './tree.js';
import { treeMethodNotes, treeOptionNotes } from './typed-notes.js';

/** The notes of the pattern `tree`. */
export const treeNotes: Notes<TreePart> = {
  name: 'tree',
  group: 'control',
  keywords: 'tree view treeview hierarchy nested list file browser lazy tree large tree checkbox tree',
  summary: 'Rows in branches that expand and collapse, for moving through, selecting or checking.',
  for: 'Hierarchies in collapsible branches: folders, parts, places.',
  not: 'The navigation of a site (use nested lists of links in disclosures), or a table with columns.',
  standard: 'WAI-ARIA Authoring Practices, Tree View',
  parts: {
    root: {
      is: 'a named list with nested lists, or an empty element with role="tree" and the option items',
      required: true,
      why: 'It scrolls and has one tab stop.',
    },
    item: {
      is: 'an <li> of the nested lists, or a row rendered from the option items. Its key is data-key, id or its index, in that order.',
      required: true,
      why: 'It is the row that users move to, expand and select.',
    },
    group: { is: 'a list inside an <li>', required: false, why: 'It contains the rows of a branch.' },
    marker: {
      is: '[data-marker] in a row',
      required: false,
      why: 'Clicking it expands or collapses the branch without selecting it.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --expand, --collapse, --toggle, --select or --check. Its value is the key of a row.',
      required: false,
      why: 'Controls elsewhere can expand, select or check rows.',
    },
  },
  keys: [
    { on: 'item', key: 'ArrowDown', does: 'Moves to the next visible row', by: 'engine' },
    { on: 'item', key: 'ArrowUp', does: 'Moves to the previous visible row', by: 'engine' },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Expands a collapsed branch. On an expanded branch: moves to its first row. On a leaf: has no effect',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Collapses an expanded branch. Otherwise: moves to the parent',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Moves to the first row', by: 'engine' },
    { on: 'item', key: 'End', does: 'Moves to the last visible row', by: 'engine' },
    { on: 'item', key: 'PageDown', does: 'Moves down by one screenful', by: 'engine' },
    { on: 'item', key: 'PageUp', does: 'Moves up by one screenful', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Moves to the next row that begins with them', by: 'engine' },
    { on: 'item', key: '*', does: 'Expands all branches at this level', by: 'engine' },
    {
      on: 'item',
      key: 'Enter',
      does: 'Expands or collapses a branch. Selects or checks a leaf',
      by: 'engine',
    },
    { on: 'item', key: 'Space', does: 'Selects the row. With checks: checks it', by: 'engine' },
    { on: 'item', key: 'Shift+Arrow', does: 'With multiple: extends the range', by: 'engine' },
    { on: 'item', key: 'Control+a', does: 'With multiple: selects all visible rows', by: 'engine' },
  ],
  presses: [
    { on: 'marker', does: 'Expands or collapses the branch' },
    {
      on: 'item',
      does: 'Selects the row, and expands or collapses its branch unless toggleBy is marker. With multiple, Control or Command adds or removes the row, and Shift selects a range',
    },
  ],
  states: [
    {
      name: 'expanded',
      type: 'a set of keys',
      first: 'the rows with aria-expanded="true"',
      shown: 'aria-expanded on branches, hidden on the groups of collapsed ones',
    },
    {
      name: 'selected',
      type: 'a key or undefined. With multiple: a set of keys',
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
      first: 'undefined. The tab stop is then the first selected row, or the first row',
      shown: 'tabindex on the rows, and focus',
    },
    {
      name: 'query',
      type: 'text',
      first: 'empty',
      shown: 'only the rows that match, and their branches',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: treeMethodNotes,
  commands: [...selectCommands, ...expandCommands, ...checkCommands],
  options: treeOptionNotes,
  guarantees: [
    'The tree has one tab stop. Collapsing a branch that contains focus moves focus to that branch.',
    'While the children of a branch load, the branch is busy. If loading fails, a row of its own reports the failure and offers another try.',
    'A filter shows the matches and their branches. Clearing it collapses the branches that it expanded. The number of matches is announced, and a message is shown if there are none.',
    'expandTo(key) expands the branches above a row and scrolls it into view.',
    'With the option items, only the visible rows are in the page: 100,000 rows are as fast as 100.',
    'A duplicate key or a cycle in items throws a TypeError that names the key.',
  ],
};
