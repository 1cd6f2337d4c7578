// The notes of the menu contract, for documents, the command line and the conformance tests.
import { checkCommands, openCommands, popoverCommands } from './common-notes.js';
import type { Notes } from './contract.js';
import type { MenuPart } from './menu.js';
import { menuMethodNotes, menuOptionNotes } from './typed-notes.js';

/** The notes of the pattern `menu`. */
export const menuNotes: Notes<MenuPart> = {
  name: 'menu',
  group: 'control',
  keywords: 'dropdown dropdown menu context menu right click actions menu button submenu kebab three dots',
  summary: 'A list of actions, opened by a button or as a context menu.',
  for: 'A list of actions behind a button, or a context menu.',
  not: 'Navigation (use links), or choosing a value for a form (use a listbox, a combobox or a <select>).',
  standard: 'WAI-ARIA Authoring Practices, Menu Button and Menu',
  parts: {
    root: {
      is: 'an element with role="menu", an id and popover="manual"',
      required: true,
      why: 'The top layer shows it above everything, without moving it in the document. Its opener or aria-label names it.',
    },
    item: {
      is: 'role="menuitem", "menuitemcheckbox" or "menuitemradio" in the menu, ideally a <button>. Its key is data-key, id or its index, in that order.',
      required: true,
      why: 'Activating it is a click: click listeners are called, and its commandfor works.',
    },
    opener: {
      is: 'a <button> whose commandfor or aria-controls names the menu. For a submenu: an item of the parent menu',
      required: false,
      why: 'The menu is placed beside it, and focus returns to it.',
    },
    separator: {
      is: 'role="separator" or <hr>',
      required: false,
      why: 'It separates groups of items.',
    },
    group: {
      is: 'role="group" around items, with a name. Of its radio items, one is checked at a time.',
      required: false,
      why: 'Its name describes what its items have in common.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the menu and moves to its first item', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the menu and moves to its first item', by: 'browser' },
    { on: 'opener', key: 'ArrowDown', does: 'Opens the menu and moves to its first item', by: 'engine' },
    { on: 'opener', key: 'ArrowUp', does: 'Opens the menu and moves to its last item', by: 'engine' },
    {
      on: 'item',
      key: 'ArrowDown',
      does: 'Moves to the next item, and from the last to the first',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowUp',
      does: 'Moves to the previous item, and from the first to the last',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Moves to the first item', by: 'engine' },
    { on: 'item', key: 'End', does: 'Moves to the last item', by: 'engine' },
    { on: 'item', key: 'PageDown', does: 'Moves down by one screenful', by: 'engine' },
    { on: 'item', key: 'PageUp', does: 'Moves up by one screenful', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Moves to the next item that begins with them', by: 'engine' },
    { on: 'item', key: 'ArrowRight', does: 'Opens a submenu and moves to its first item', by: 'engine' },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'In a submenu: closes it and returns to its parent item',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Enter',
      does: 'Activates the item and closes the menu, or opens a submenu',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Space',
      does: 'Activates the item. A checkbox or radio item is checked, and the menu stays open',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Escape',
      does: 'Closes one level and returns focus, with the reason "escape"',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Tab',
      does: 'Closes all levels and moves to the element after the opener',
      by: 'engine',
    },
  ],
  presses: [
    {
      on: 'opener',
      does: 'Opens the menu when the mouse button goes down. Dragging to an item and releasing activates it',
    },
    {
      on: 'item',
      does: 'Activates it and closes all levels, unless it opens a submenu or the option stay is set',
    },
    { on: 'outside', does: 'Closes all levels, with the reason "outside"' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: ':popover-open and data-phase on the menu, aria-expanded on its openers',
    },
    {
      name: 'checked',
      type: 'a set of keys',
      first: 'the items with aria-checked="true"',
      shown: 'aria-checked on checkbox and radio items',
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
  guarantees: [
    'When it closes, focus returns to the opener or, for a context menu, to the element that had focus before.',
    'On its way to a submenu the pointer may cross other items.',
    'Disabled items are focusable but can’t be activated.',
    'A menu taller than the screen scrolls.',
    'Several openers can share one menu. The property about names the opener that was used.',
  ],
};
