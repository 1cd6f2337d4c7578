// The words of the menubar contract: for documents, the command line and the conformance tests.
import { busyState } from './common-notes.js';
import type { Notes } from './contract.js';
import type { MenubarPart } from './menubar.js';
import { menubarMethodNotes, menubarOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `menubar`. */
export const menubarNotes: Notes<MenubarPart> = {
  name: 'menubar',
  group: 'control',
  says: 'The commands of an application in menus, side by side.',
  for: 'An application with so many commands that people look for them by name, such as an editor.',
  not: "A site's navigation (links, or disclosures with links), a few tools (toolbar), or one list of actions (menu).",
  standard: 'WAI-ARIA Authoring Practices, Menubar',
  parts: {
    root: {
      is: 'an element with role="menubar" and a name',
      required: true,
      why: 'Screen readers announce it when focus goes in.',
    },
    item: {
      is: 'a <button role="menuitem"> in it, which names its menu by commandfor; its key is data-key, else id, else its place from 0',
      required: true,
      why: 'One tab stop serves all of them.',
    },
    menu: {
      is: 'a menu, wired by itself',
      required: false,
      why: 'It holds the commands. An item without a menu is a command itself.',
    },
    separator: {
      is: 'role="separator" between items',
      required: false,
      why: 'It parts what does not belong together.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'Tab',
      does: 'Goes to the item that had focus last, or out of the menubar',
      by: 'browser',
    },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Goes to the next item, whose menu opens if one was open; wraps',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Goes to the previous item, whose menu opens if one was open; wraps',
      by: 'engine',
    },
    { on: 'item', key: 'ArrowDown', does: 'Opens its menu at the first item', by: 'engine' },
    { on: 'item', key: 'ArrowUp', does: 'Opens its menu at the last item', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Opens its menu at the first item, or acts', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Opens its menu at the first item, or acts', by: 'engine' },
    { on: 'item', key: 'Home', does: 'Goes to the first item', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last item', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Goes to the next item that begins with them', by: 'engine' },
    {
      on: 'menu',
      key: 'ArrowRight',
      does: 'Opens a submenu, or else the menu of the next item of the bar',
      by: 'engine',
    },
    {
      on: 'menu',
      key: 'ArrowLeft',
      does: 'Closes a submenu, or else opens the menu of the previous item of the bar',
      by: 'engine',
    },
    { on: 'menu', key: 'Escape', does: 'Closes the menu; focus goes to its item', by: 'engine' },
  ],
  presses: [
    { on: 'item', does: 'Opens its menu, or closes it' },
    { on: 'outside', does: 'Closes the open menu' },
  ],
  states: [
    {
      name: 'current',
      type: 'a key, or undefined until an item has had focus',
      first: 'undefined: the tab stop is the first item',
      shown: 'tabindex on the items',
    },
    { ...busyState },
  ],
  methods: menubarMethodNotes,
  commands: [],
  options: menubarOptionNotes,
  owes: [
    'One tab stop. It is the item that had focus last.',
    'While a menu is open, the pointer over another item opens that menu instead. While none is open, the pointer opens nothing.',
    'On touch the first tap opens a menu.',
    'An item with aria-disabled can have focus; its menu does not open.',
    'Menus, submenus and what is activated in them are those of the pattern menu, with its options, events and states.',
  ],
};
