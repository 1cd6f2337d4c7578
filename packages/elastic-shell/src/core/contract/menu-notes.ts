// The words of the menu contract: for documents, the command line and the conformance tests.
import { checkCommands, openCommands, popoverCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { MenuPart } from './menu.js';
import { menuMethodNotes, menuOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `menu`. */
export const menuNotes: Notes<MenuPart> = {
  name: 'menu',
  group: 'control',
  says: 'A list of actions, opened by a button or where something is pressed for it.',
  for: 'A list of actions behind a button, or where something is pressed for it.',
  not: "Navigation (links), or choosing a value for a form (listbox, combobox, the platform's select).",
  standard: 'WAI-ARIA Authoring Practices, Menu Button and Menu',
  parts: {
    root: {
      is: 'an element with role="menu", an id and popover="manual"',
      required: true,
      why: 'It goes to the top layer where it stands; it is named by its opener, or by aria-label.',
    },
    item: {
      is: 'role="menuitem", "menuitemcheckbox" or "menuitemradio" in it, best a <button>; its key is data-key, else id, else its place',
      required: true,
      why: 'Pressing it is a click: whatever hears clicks, or a commandfor on it, acts.',
    },
    opener: {
      is: 'a <button> whose commandfor or aria-controls names it; for a submenu an item of the menu around it',
      required: false,
      why: 'It is what the menu stands beside and what focus returns to.',
    },
    separator: {
      is: 'role="separator" or <hr>',
      required: false,
      why: 'It parts what does not belong together.',
    },
    group: {
      is: 'role="group" around items, with a name; of radio items in one only one is checked',
      required: false,
      why: 'It says what its items have in common.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the menu at its first item', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the menu at its first item', by: 'browser' },
    { on: 'opener', key: 'ArrowDown', does: 'Opens the menu at its first item', by: 'engine' },
    { on: 'opener', key: 'ArrowUp', does: 'Opens the menu at its last item', by: 'engine' },
    { on: 'item', key: 'ArrowDown', does: 'Goes to the next item; wraps', by: 'engine' },
    { on: 'item', key: 'ArrowUp', does: 'Goes to the previous item; wraps', by: 'engine' },
    { on: 'item', key: 'Home', does: 'Goes to the first item', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last item', by: 'engine' },
    { on: 'item', key: 'PageDown', does: 'Goes on by what is in view', by: 'engine' },
    { on: 'item', key: 'PageUp', does: 'Goes back by what is in view', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Goes to the next item that begins with them', by: 'engine' },
    { on: 'item', key: 'ArrowRight', does: 'Opens a submenu at its first item', by: 'engine' },
    { on: 'item', key: 'ArrowLeft', does: 'In a submenu: closes it and goes back to its item', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Activates the item, and closes; opens a submenu', by: 'engine' },
    {
      on: 'item',
      key: 'Space',
      does: 'The same; an item that checks is checked, and the menu stays',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Escape',
      does: 'Closes one level and gives focus back, reason "escape"',
      by: 'engine',
    },
    { on: 'item', key: 'Tab', does: 'Closes all levels, and goes on from the opener', by: 'engine' },
  ],
  presses: [
    {
      on: 'opener',
      does: 'Opens the menu when the mouse goes down; dragged onto an item and released, that is activated',
    },
    { on: 'item', does: 'Activates it and closes all levels, unless it opens a submenu or is told to stay' },
    { on: 'outside', does: 'Closes all levels, reason "outside"' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: ':popover-open and data-phase on the menu; aria-expanded on its openers',
    },
    {
      name: 'checked',
      type: 'a set of keys',
      first: 'the items with aria-checked="true"',
      shown: 'aria-checked on items that check',
    },
    {
      name: 'current',
      type: 'a key, or undefined',
      first: 'undefined',
      shown: 'tabindex on the items, and focus',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the menu' },
  ],
  methods: menuMethodNotes,
  commands: [...openCommands, ...popoverCommands, ...checkCommands],
  options: menuOptionNotes,
  owes: [
    'Focus returns to the opener, or to where it was before a context menu.',
    'On the way to a submenu the pointer may cut across other items.',
    'Disabled items can be reached, not activated.',
    'A long menu scrolls within the screen.',
    'Several openers may share one menu; about says which one opened it.',
  ],
};
