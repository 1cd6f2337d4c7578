// The drawer: a dialog at an edge of the screen, modal or beside the live page.
import type { Contract, Notes } from './contract.js';
import { dialog, type DialogChoices, type DialogPart } from './dialog.js';
import type { Openable } from './openable.js';

export interface DrawerChoices extends DialogChoices {
  /** The edge it is attached to. Default: `inline-start`. */
  edge?: 'inline-start' | 'inline-end' | 'block-start' | 'block-end';
  /** Whether the page behind is inert. Default: true. */
  modal?: boolean;
  /** A media query: when it comes to match, the drawer closes with the reason `viewport`. Default: none. */
  closedWhen?: string;
}

/** The vocabulary of its options. */
export const drawerChoices = {
  outside: ['close', 'absorb', 'keep'],
  escape: ['close', 'keep'],
  behind: ['close', 'keep'],
  edge: ['inline-start', 'inline-end', 'block-start', 'block-end'],
  backdrop: ['shade', 'none'],
} as const;

/** A dialog's contract at an edge. */
export const drawer: Contract<Openable, DialogPart, DrawerChoices> = {
  ...dialog,
  name: 'drawer',
  semantics: {
    ...dialog.semantics,
    root: (state, view) => ({
      ...dialog.semantics.root!(state, view),
      'data-edge': view.options.edge ?? 'inline-start',
    }),
  },
};

export const drawerNotes: Notes<DialogPart> = {
  name: 'drawer',
  says: 'A dialog that comes from an edge of the screen: modal, or beside a page that stays live.',
  standard:
    'WAI-ARIA Authoring Practices, Dialog (Modal); HTML, the dialog element and the popover attribute',
  parts: {
    root: {
      is: 'a <dialog>',
      required: true,
      why: 'Modal it is one; beside a live page it is still named and announced as one.',
    },
    opener: {
      is: 'a <button> whose commandfor names it, with command="--open", "--toggle" or, when modal, "show-modal"',
      required: false,
      why: 'Without one only the program opens it.',
    },
    title: {
      is: 'its first heading, unless aria-label or aria-labelledby names it',
      required: true,
      why: 'It has to be told from others.',
    },
    description: { is: 'as for a dialog', required: false, why: 'As for a dialog.' },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the drawer', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the drawer', by: 'browser' },
    { on: 'root', key: 'Escape', does: 'Closes it, reason "escape"', by: 'engine' },
    {
      on: 'root',
      key: 'Tab',
      does: 'Modal: stays within. Beside a live page: goes on into it',
      by: 'engine',
    },
  ],
  presses: [
    { on: 'opener', does: 'Opens the drawer' },
    { on: 'outside', does: 'Modal: closes it, reason "outside". Beside a live page: nothing' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: 'open or :popover-open; aria-expanded on every opener; data-phase',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the drawer' },
  ],
  options: [
    {
      name: 'edge',
      values: 'inline-start, inline-end, block-start, block-end',
      default: 'inline-start',
      does: 'Where it is attached.',
    },
    {
      name: 'modal',
      values: 'true, false',
      default: 'true',
      does: 'Whether the page behind is out of reach.',
    },
    {
      name: 'closedWhen',
      values: 'a media query',
      default: 'none',
      does: 'Closes it, reason "viewport", when the query comes to match.',
    },
    {
      name: 'outside',
      values: 'close, absorb, keep',
      default: 'close; keep beside a live page',
      does: 'What a press outside does.',
    },
    { name: 'escape', values: 'close, keep', default: 'close', does: 'What Escape does.' },
    {
      name: 'guard, onChange, open, firstFocus, focusReturn, messages, content, loadOn, keepContent, backdrop',
      values: 'as for a dialog',
      default: 'as for a dialog',
      does: 'As for a dialog.',
    },
  ],
  owes: [
    'Everything a modal dialog owes, when it is modal.',
    'It is attached in logical terms: the inline edges follow the writing direction.',
    'It keeps clear of the screen’s cut-outs (safe areas), and its content scrolls inside.',
    'A finger that swipes toward its edge takes it along and closes it; at a block edge it begins on the header.',
    'Past its breakpoint it closes by itself, and focus goes to its opener, or to what follows where that is hidden.',
  ],
};
