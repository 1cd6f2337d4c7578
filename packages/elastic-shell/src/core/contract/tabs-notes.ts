// The notes of the tabs contract, for documents, the command line and the conformance tests.
import { moveCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { TabsPart } from './tabs.js';
import { tabsMethodNotes, tabsOptionNotes } from './typed-notes.js';

/** The notes of the pattern `tabs`. */
export const tabsNotes: Notes<TabsPart> = {
  name: 'tabs',
  group: 'section',
  keywords: 'tab bar tablist tab panel closable tabs vertical tabs',
  summary: 'A list of tabs, each with a panel. One panel is visible at a time.',
  for: 'Several views in one place, one visible at a time: the sections of a record.',
  not: 'Steps in a sequence, the pages of a site (use links), or sections that people compare.',
  standard: 'WAI-ARIA Authoring Practices, Tabs',
  parts: {
    root: {
      is: 'the element that contains the list and the panels',
      required: true,
      why: 'It is the element to wire, and the one that commands name.',
    },
    list: {
      is: 'an element with role="tablist", a name and, if it is vertical, aria-orientation',
      required: true,
      why: 'It groups the tabs. Its orientation determines which arrow keys move.',
    },
    item: {
      is: 'role="tab" in the list, ideally a <button>. Its key is data-key, id or its index from 0, in that order.',
      required: true,
      why: 'All tabs share one tab stop. Arrow keys move between them.',
    },
    panel: {
      is: 'role="tabpanel". It belongs to the tab whose aria-controls names it, to the tab with the same data-key, or to the tab at the same index.',
      required: true,
      why: 'Its tab names it. It is focusable itself if it contains no focusable element.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --next, --previous, --first or --last',
      required: false,
      why: 'For next and back buttons inside the panels.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Moves to the next tab and shows its panel, and from the last to the first. ArrowDown if vertical',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Moves to the previous tab and shows its panel, and from the first to the last. ArrowUp if vertical',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Moves to the first tab', by: 'engine' },
    { on: 'item', key: 'End', does: 'Moves to the last tab', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Shows its panel, if moving alone doesn’t', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Shows its panel, if moving alone doesn’t', by: 'engine' },
    {
      on: 'item',
      key: 'Delete',
      does: 'Closes the tab, if it can be closed. Focus moves to its neighbour',
      by: 'engine',
    },
    { on: 'item', key: 'Tab', does: 'Moves into the panel', by: 'browser' },
  ],
  presses: [
    { on: 'item', does: 'Shows its panel' },
    { on: 'opener', does: 'Shows the next, previous, first or last panel' },
  ],
  states: [
    {
      name: 'selected',
      type: 'a key, or undefined if no tab can be selected',
      first: 'the tab with aria-selected="true", or the first that isn’t disabled',
      shown: 'aria-selected and tabindex on the tabs, hidden="until-found" on the other panels',
    },
    {
      name: 'closed',
      type: 'a set of keys',
      first: 'the tabs with the attribute hidden',
      shown: 'hidden on the tab and its panel',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  methods: tabsMethodNotes,
  commands: [
    ...moveCommands,
    { name: '--select', does: 'Selects a tab.', value: 'the key of a tab' },
    {
      name: '--close',
      does: 'Closes a tab, or the selected one if no value is given.',
      value: 'the key of a tab',
    },
  ],
  options: tabsOptionNotes,
  guarantees: [
    'The tabs always have exactly one tab stop, if any tab is focusable. Arrow keys skip disabled tabs.',
    'A list that is too long scrolls, and the selected tab stays visible.',
    'Tabs and panels can be added and removed later. If the selected tab is removed, its neighbour is selected.',
    'Find-in-page searches the hidden panels and shows the panel with the match, with the reason "found".',
    'If the selected key belongs to no tab, no panel is visible until such a tab is added, and the journal reports it.',
  ],
};
