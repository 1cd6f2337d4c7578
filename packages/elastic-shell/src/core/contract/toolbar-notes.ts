// The notes of the toolbar contract, for documents, the command line and the conformance tests.
import { busyState } from './common-notes.js';
import type { Notes } from './contract.js';
import type { ToolbarPart } from './toolbar.js';
import { toolbarMethodNotes, toolbarOptionNotes } from './typed-notes.js';

/** The notes of the pattern `toolbar`. */
export const toolbarNotes: Notes<ToolbarPart> = {
  name: 'toolbar',
  group: 'control',
  keywords: 'button group tools overflow formatting bar roving tabindex',
  summary: 'A row of controls with one tab stop. Arrow keys move between them.',
  for: 'Three or more controls that act on the same content, such as the tools of a chart or a text editor.',
  not: 'Two buttons (let Tab move to both), a list of actions behind a button (use a menu), or the commands of a whole application (use a menubar).',
  standard: 'WAI-ARIA Authoring Practices, Toolbar',
  parts: {
    root: {
      is: 'an element with role="toolbar", and a name if the page has several',
      required: true,
      why: 'Screen readers announce it when focus moves into it.',
    },
    item: {
      is: 'a button, a link, a field or an element with the role of a control. Its key is data-key, id or its index from 0, in that order.',
      required: true,
      why: 'All items share one tab stop.',
    },
    separator: {
      is: 'role="separator" or <hr> between items',
      required: false,
      why: 'It separates groups of items.',
    },
    more: {
      is: 'a <button data-more> at the end of the toolbar, whose commandfor names the menu. It is hidden in the markup.',
      required: false,
      why: 'It appears when space runs out, if the option overflow is set.',
    },
    menu: {
      is: 'an empty menu, wired separately',
      required: false,
      why: 'It lists the buttons that don’t fit.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'Tab',
      does: 'Moves to the item that had focus last, or out of the toolbar',
      by: 'browser',
    },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Moves to the next item. ArrowDown if it is vertical',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Moves to the previous item. ArrowUp if it is vertical',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Moves to the first item', by: 'engine' },
    { on: 'item', key: 'End', does: 'Moves to the last item', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Activates a button', by: 'browser' },
    { on: 'item', key: 'Space', does: 'Activates a button', by: 'browser' },
  ],
  presses: [{ on: 'item', does: 'Activates it, unless it has aria-disabled. The item becomes the tab stop' }],
  states: [
    {
      name: 'current',
      type: 'a key, or undefined until an item has had focus',
      first: 'undefined. The tab stop is then the first focusable item',
      shown: 'tabindex on the items',
    },
    { ...busyState },
  ],
  methods: toolbarMethodNotes,
  commands: [],
  options: toolbarOptionNotes,
  guarantees: [
    'The toolbar has one tab stop: the item that had focus last. If that item is removed, its neighbour takes over.',
    'A text field keeps its arrow keys until the caret is at its end. Then the arrow key moves to the next item. Home and End stay in the field.',
    'A select, a slider and a number field keep the arrow keys that change their value.',
    'An item with aria-disabled is focusable, so that people can find it, but activating it has no effect.',
    'An item can open a menu or a popover with its own commandfor. Focus returns to the item.',
    'If space runs out, buttons are hidden from the end and listed in the menu. Fields, and buttons that open a layer, stay. Choosing the menu item clicks the button. If the hidden button had focus, focus moves to the button of the menu.',
    'Controls in a menu, a popover or a dialog inside the toolbar aren’t its items.',
  ],
};
