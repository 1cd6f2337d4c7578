// The modal dialog, and the alert dialog, which differs by its role and by what dismisses it.
import type { Escape, Outside } from '../layers/stack.js';
import type { Attributes, Contract, Notes, RootView } from './contract.js';
import {
  contentOption,
  loadOption,
  onChangeOption,
  openOption,
  type Openable,
  stepOpenable,
} from './openable.js';

export type DialogPart = 'root' | 'opener' | 'title' | 'description';

export interface DialogChoices {
  /** What a press on the backdrop does. Default: `close`; `keep` for an alert dialog. */
  outside?: Outside;
  /** What Escape and the back gesture do. Default: `close`. */
  escape?: Escape;
  /** How wide it is: 26, 34 or 52 rem, or the whole screen. Default: `medium`. */
  size?: 'narrow' | 'medium' | 'wide' | 'full';
  /** What it is on a screen narrower than 40 rem. Default: `fit`, as elsewhere; `full` fills the screen. */
  phone?: 'fit' | 'full';
  /** Whether the page behind is shaded. Default: `shade`. */
  backdrop?: 'shade' | 'none';
}

/** How it looks, as attributes that structure.css reads. Null leaves what the author wrote. */
const looks = ['size', 'phone', 'backdrop'] as const;

/** Parts, commands, step and semantics of a dialog. Its root is a `<dialog>`. */
export const dialog: Contract<Openable, DialogPart, DialogChoices> = {
  name: 'dialog',
  commands: {
    '': 'open',
    '--open': 'open',
    'show-modal': 'open',
    '--close': 'close',
    close: 'close',
    'request-close': 'close',
    '--toggle': 'toggle',
  },
  read: ({ root }) => ({ open: root.hasAttribute('open') }),
  step: stepOpenable,
  semantics: {
    root: (_, { options }) =>
      Object.fromEntries(
        looks.flatMap((look) => (options[look] ? [[`data-${look}`, options[look]]] : [])),
      ) as Attributes,
    opener: ({ open }, { root }, intent) =>
      intent === 'close'
        ? undefined
        : { 'aria-haspopup': 'dialog', 'aria-expanded': `${open}`, 'aria-controls': root.id },
  },
};

/** The vocabulary of its options. */
export const choices = {
  outside: ['close', 'absorb', 'keep'],
  escape: ['close', 'keep'],
  size: ['narrow', 'medium', 'wide', 'full'],
  phone: ['fit', 'full'],
  backdrop: ['shade', 'none'],
} as const;

/** What of a dialog's markup decides its name, its description and what dismisses it. */
export interface DialogMarkup {
  role: string | null;
  /** The author named it by aria-label or aria-labelledby. */
  named: boolean;
  /** The author described it by aria-describedby. */
  described: boolean;
}

/** Reads it, as the author wrote it. */
export const markupOf = (root: RootView): DialogMarkup => ({
  role: root.getAttribute('role'),
  named: root.hasAttribute('aria-label') || root.hasAttribute('aria-labelledby'),
  described: root.hasAttribute('aria-describedby'),
});

const isAlert = ({ role }: DialogMarkup): boolean => role === 'alertdialog';

/** What a press outside does: the author's choice, else nothing for an alert dialog, else it closes. */
export const outsideOf = (options: DialogChoices, markup: DialogMarkup): Outside =>
  options.outside ?? (isAlert(markup) ? 'keep' : 'close');

/** How the dialog is named and described, given the ids of its title and of its first paragraph. */
export const namingOf = (markup: DialogMarkup, title?: string, description?: string): Attributes => ({
  ...(title && !markup.named && { 'aria-labelledby': title }),
  ...(description && isAlert(markup) && !markup.described && { 'aria-describedby': description }),
});

export const dialogNotes: Notes<DialogPart> = {
  name: 'dialog',
  says: 'Opens above the page and keeps everything else out of reach until it is answered or dismissed.',
  standard: 'WAI-ARIA Authoring Practices, Dialog (Modal) and Alert Dialog; HTML, the dialog element',
  parts: {
    root: {
      is: 'a <dialog>; with role="alertdialog" when it interrupts and wants an answer',
      required: true,
      why: 'The platform gives it the top layer, the backdrop and the inertness of the page.',
    },
    opener: {
      is: 'a <button> whose commandfor names the dialog, with command="show-modal", "--open" or "--toggle"; anywhere, any number',
      required: false,
      why: 'Without one only the program opens it.',
    },
    title: {
      is: 'its first heading, unless aria-label or aria-labelledby names it',
      required: true,
      why: 'A dialog without a name is announced as "dialog" and nothing else.',
    },
    description: {
      is: 'its first paragraph, for an alert dialog, unless aria-describedby names another',
      required: false,
      why: 'An alert dialog is read out whole: the question, not only its title.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the dialog', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the dialog', by: 'browser' },
    { on: 'root', key: 'Escape', does: 'Closes the innermost dialog, reason "escape"', by: 'engine' },
    { on: 'root', key: 'Tab', does: 'Goes to the next control; from the last to the first', by: 'engine' },
    {
      on: 'root',
      key: 'Shift+Tab',
      does: 'Goes to the previous control; from the first to the last',
      by: 'engine',
    },
  ],
  presses: [
    { on: 'opener', does: 'Opens the dialog' },
    { on: 'outside', does: 'Closes it, reason "outside"; an alert dialog stays' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false, or true when the markup has open',
      shown: 'open on the dialog; aria-expanded on every opener; data-phase on the dialog',
    },
    {
      name: 'busy',
      type: 'boolean, read only',
      first: 'false',
      shown: 'aria-busy on the dialog; aria-disabled on the pressed control',
    },
  ],
  options: [
    openOption,
    {
      name: 'outside',
      values: 'close, absorb, keep',
      default: 'close; keep for an alert dialog',
      does: 'What a press on the backdrop does.',
    },
    { name: 'escape', values: 'close, keep', default: 'close', does: 'What Escape and the back gesture do.' },
    {
      name: 'size',
      values: 'narrow, medium, wide, full',
      default: 'medium',
      does: 'How wide it is; also as data-size in the markup.',
    },
    {
      name: 'phone',
      values: 'fit, full',
      default: 'fit',
      does: 'Whether it fills a narrow screen; also as data-phone in the markup.',
    },
    {
      name: 'backdrop',
      values: 'shade, none',
      default: 'shade',
      does: 'Whether the page behind is shaded; also as data-backdrop in the markup.',
    },
    {
      name: 'firstFocus',
      values: 'selector, element or function',
      default: 'see below',
      does: 'Where focus goes on opening.',
    },
    {
      name: 'focusReturn',
      values: 'selector, element or function',
      default: 'the opener',
      does: 'Where focus goes on closing.',
    },
    {
      name: 'guard',
      values: 'function',
      default: 'none',
      does: 'May refuse a change, or make it wait for a promise; an error is shown in the dialog.',
    },
    contentOption,
    loadOption,
    onChangeOption,
    {
      name: 'messages',
      values: '{ failed(error) }',
      default: "the error's own message",
      does: 'The words shown when a guard fails.',
    },
  ],
  owes: [
    'While open, everything outside is inert, the page does not scroll and does not shift sideways.',
    'First focus: [autofocus], else the first field, else the least destructive action, else the heading; a long text starts at its top.',
    'A press that begins inside and ends outside, or on a scrollbar, does not close it.',
    'Focus returns to the opener; where that is gone, to what follows where it stood; never to the body.',
    'Nested dialogs close one at a time, children before parents.',
    'While a guard waits: aria-busy, the pressed control aria-disabled, a second press ignored. A failure keeps it open and is announced in it.',
    'A header and a footer stay in view, and what is between them scrolls. --shell-dialog-offset moves it down from the top.',
    'Opened from a popover that is told to close behind it, it gives focus back to the opener of that popover.',
    'ask() opens it and answers with the value of the control that closed it, or null when dismissed.',
  ],
};
