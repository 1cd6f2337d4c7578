// The words of the tabs contract: for documents, the command line and the conformance tests.
import { moveCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { TabsPart } from './tabs.js';
import { tabsMethodNotes, tabsOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `tabs`. */
export const tabsNotes: Notes<TabsPart> = {
  name: 'tabs',
  group: 'section',
  says: 'A list of tabs, each with a panel, of which one shows.',
  for: 'Several views in one place of which one shows: the sheets of a record.',
  not: 'Steps that follow each other, the pages of a site (links), or sections to compare.',
  standard: 'WAI-ARIA Authoring Practices, Tabs',
  parts: {
    root: {
      is: 'the element that holds the list and the panels',
      required: true,
      why: 'It is what is wired, and what commands name.',
    },
    list: {
      is: 'role="tablist", with a name and, when vertical, aria-orientation',
      required: true,
      why: 'It groups the tabs and tells which arrow keys move.',
    },
    item: {
      is: 'role="tab" in the list, best a <button>; its key is data-key, else id, else its place from 0',
      required: true,
      why: 'One tab stop for all of them; arrows move.',
    },
    panel: {
      is: 'role="tabpanel": named by aria-controls, or with the data-key of its tab, or in the order of the tabs',
      required: true,
      why: 'It is named by its tab, and takes focus itself when nothing in it does.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --next, --previous, --first or --last',
      required: false,
      why: 'For a next and a back button in the panels.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Goes to the next tab, which shows its panel; wraps. ArrowDown when vertical',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Goes to the previous tab, which shows its panel; wraps. ArrowUp when vertical',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Goes to the first tab', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last tab', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Shows its panel, where moving alone does not', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Shows its panel, where moving alone does not', by: 'engine' },
    {
      on: 'item',
      key: 'Delete',
      does: 'Closes the tab, when it can be closed; focus goes to its neighbour',
      by: 'engine',
    },
    { on: 'item', key: 'Tab', does: 'Goes into the panel', by: 'browser' },
  ],
  presses: [
    { on: 'item', does: 'Shows its panel' },
    { on: 'opener', does: 'Shows the next, previous, first or last panel' },
  ],
  states: [
    {
      name: 'selected',
      type: 'a key, or undefined when there is no tab to select',
      first: 'the tab with aria-selected="true", else the first that is not disabled',
      shown: 'aria-selected and tabindex on the tabs; hidden="until-found" on the other panels',
    },
    {
      name: 'closed',
      type: 'a set of keys',
      first: 'the tabs with hidden',
      shown: 'hidden on the tab and its panel',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: tabsMethodNotes,
  commands: [
    ...moveCommands,
    { name: '--select', does: 'Selects a tab.', value: 'the key of a tab' },
    { name: '--close', does: 'Closes a tab; without a value the selected one.', value: 'the key of a tab' },
  ],
  options: tabsOptionNotes,
  owes: [
    'One tab stop, always, where any tab can be reached; disabled tabs are passed over.',
    'A list that is too long scrolls, and the selected tab is kept in view.',
    'Tabs and panels that come or go later are taken up; when the selected one goes, its neighbour is selected.',
    'Find-in-page finds what stands in the other panels and shows it, reason "found".',
    'A key that no tab has is kept until one comes; meanwhile no panel shows, and the journal says so.',
  ],
};
