// The words of the toolbar contract: for documents, the command line and the conformance tests.
import { busyState } from './common-notes.js';
import type { Notes } from './contract.js';
import type { ToolbarPart } from './toolbar.js';
import { toolbarMethodNotes, toolbarOptionNotes } from './typed-notes.js';

/** What a reader is told of the pattern `toolbar`. */
export const toolbarNotes: Notes<ToolbarPart> = {
  name: 'toolbar',
  group: 'control',
  says: 'A row of controls with one tab stop; arrow keys move between them.',
  for: 'Three or more controls that act on the same thing, such as the tools of a chart or of a text.',
  not: 'Two buttons (let Tab reach both), a list of actions behind a button (menu), or the commands of a whole application (menubar).',
  standard: 'WAI-ARIA Authoring Practices, Toolbar',
  parts: {
    root: {
      is: 'an element with role="toolbar", and a name if the page has several',
      required: true,
      why: 'Screen readers announce it when focus goes in.',
    },
    item: {
      is: 'a button, a link, a field or an element with the role of a control; its key is data-key, else id, else its place from 0',
      required: true,
      why: 'One tab stop serves all of them.',
    },
    separator: {
      is: 'role="separator" or <hr> between items',
      required: false,
      why: 'It parts what does not belong together.',
    },
    more: {
      is: 'a <button data-more> at the end, whose commandfor names the menu; hidden in the markup',
      required: false,
      why: 'It shows when the room runs out, if the option overflow is set.',
    },
    menu: {
      is: 'an empty menu, wired by itself',
      required: false,
      why: 'It lists the buttons that have no room.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'Tab',
      does: 'Goes to the item that had focus last, or out of the toolbar',
      by: 'browser',
    },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Goes to the next item. ArrowDown if it is vertical',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Goes to the previous item. ArrowUp if it is vertical',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Goes to the first item', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last item', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Presses a button', by: 'browser' },
    { on: 'item', key: 'Space', does: 'Presses a button', by: 'browser' },
  ],
  presses: [{ on: 'item', does: 'Presses it, unless it has aria-disabled; the tab stop stays with it' }],
  states: [
    {
      name: 'current',
      type: 'a key, or undefined until an item has had focus',
      first: 'undefined: the tab stop is the first item that can have focus',
      shown: 'tabindex on the items',
    },
    { ...busyState },
  ],
  methods: toolbarMethodNotes,
  commands: [],
  options: toolbarOptionNotes,
  owes: [
    'One tab stop. It is the item that had focus last, also if that item is removed and another takes its place.',
    'A text field keeps its own arrow keys until the caret is at its end; then the arrow goes on to the next item. Home and End stay in the field.',
    'A select, a slider and a number field keep the arrow keys that change their value.',
    'An item with aria-disabled can have focus, so that people find it, but pressing it does nothing.',
    'An item opens a menu or a popover by its own commandfor; focus comes back to it.',
    'Without room, buttons are hidden from the end and listed in the menu; fields and buttons that open something stay. Pressing the menu item presses the button. If the hidden button had focus, the button for the menu has it.',
    'Controls in a menu, a popover or a dialog inside the toolbar are not its items.',
  ],
};
