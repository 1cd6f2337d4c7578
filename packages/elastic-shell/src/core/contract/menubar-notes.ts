// The notes of the menubar contract, for documents, the command line and the conformance tests.
import { busyState } from './common-notes.js';
import type { Notes } from './contract.js';
import type { MenubarPart } from './menubar.js';
import { menubarMethodNotes, menubarOptionNotes } from './typed-notes.js';

/** The notes of the pattern `menubar`. */
export const menubarNotes: Notes<MenubarPart> = {
  name: 'menubar',
  group: 'control',
  keywords: 'application menu menu bar file edit view',
  summary: 'The commands of an application, in a row of menus.',
  for: 'An application with so many commands that people look for them by name, such as an editor.',
  not: 'The navigation of a site (use links, or disclosures with links), a few tools (use a toolbar), or one list of actions (use a menu).',
  standard: 'WAI-ARIA Authoring Practices, Menubar',
  parts: {
    root: {
      is: 'an element with role="menubar" and a name',
      required: true,
      why: 'Screen readers announce it when focus moves into it.',
    },
    item: {
      is: 'a <button role="menuitem"> in the menubar, whose commandfor names its menu. Its key is data-key, id or its index from 0, in that order.',
      required: true,
      why: 'All items share one tab stop.',
    },
    menu: {
      is: 'a menu, wired separately',
      required: false,
      why: 'It contains the commands. An item without a menu is itself a command.',
    },
    separator: {
      is: 'role="separator" between items',
      required: false,
      why: 'It separates groups of items.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'Tab',
      does: 'Moves to the item that had focus last, or out of the menubar',
      by: 'browser',
    },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Moves to the next item, and from the last to the first. If a menu was open, the menu of that item opens',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Moves to the previous item, and from the first to the last. If a menu was open, the menu of that item opens',
      by: 'engine',
    },
    { on: 'item', key: 'ArrowDown', does: 'Opens its menu and moves to the first item', by: 'engine' },
    { on: 'item', key: 'ArrowUp', does: 'Opens its menu and moves to the last item', by: 'engine' },
    {
      on: 'item',
      key: 'Enter',
      does: 'Opens its menu and moves to the first item. Without a menu: activates the item',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Space',
      does: 'Opens its menu and moves to the first item. Without a menu: activates the item',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Moves to the first item', by: 'engine' },
    { on: 'item', key: 'End', does: 'Moves to the last item', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Moves to the next item that begins with them', by: 'engine' },
    {
      on: 'menu',
      key: 'ArrowRight',
      does: 'Opens a submenu. Without one: opens the menu of the next item in the bar',
      by: 'engine',
    },
    {
      on: 'menu',
      key: 'ArrowLeft',
      does: 'Closes a submenu. Without one: opens the menu of the previous item in the bar',
      by: 'engine',
    },
    { on: 'menu', key: 'Escape', does: 'Closes the menu and moves focus to its item', by: 'engine' },
  ],
  presses: [
    { on: 'item', does: 'Opens or closes its menu' },
    { on: 'outside', does: 'Closes the open menu' },
  ],
  states: [
    {
      name: 'current',
      type: 'a key, or undefined until an item has had focus',
      first: 'undefined. The tab stop is then the first item',
      shown: 'tabindex on the items',
    },
    { ...busyState },
  ],
  methods: menubarMethodNotes,
  commands: [],
  options: menubarOptionNotes,
  guarantees: [
    'The menubar has one tab stop: the item that had focus last.',
    'While a menu is open, moving the pointer to another item opens that menu instead. While no menu is open, moving the pointer opens nothing.',
    'On touch screens the first tap opens a menu.',
    'An item with aria-disabled is focusable, but its menu doesn’t open.',
    'The menus are ordinary menus: they have the options, events and states of the pattern menu.',
  ],
};
