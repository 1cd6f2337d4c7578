// The popover: a layer beside the control that opened it, with the page live around it.
import type { Escape, Outside } from '../layers/stack.js';
import type { Contract, Notes } from './contract.js';
import {
  contentOption,
  guardOption,
  loadOption,
  onChangeOption,
  openOption,
  type Openable,
  stepOpenable,
} from './openable.js';

export type PopoverPart = 'root' | 'opener' | 'title';

export interface PopoverChoices {
  /** What a press outside does. Default: `close`. */
  outside?: Outside;
  /** What Escape does. Default: `close`. */
  escape?: Escape;
  /** Whether it closes when focus leaves it and its opener. Default: `close`. */
  focusOut?: 'close' | 'keep';
  /** What becomes of it when a modal dialog opens from a control in it. Default: `keep`. */
  behind?: 'close' | 'keep';
  /** What opens it besides a press: the pointer resting on the opener, or keyboard focus on it. Default: `press`, nothing else. */
  openOn?: 'press' | 'hover' | 'focus';
  /** Whether the page around it is inert, under a backdrop. Needs a `<dialog>`. Default: false. */
  modal?: boolean;
}

/** The vocabulary of its options. */
export const popoverChoices = {
  outside: ['close', 'absorb', 'keep'],
  escape: ['close', 'keep'],
  focusOut: ['close', 'keep'],
  behind: ['close', 'keep'],
  openOn: ['press', 'hover', 'focus'],
  fit: ['content', 'anchor'],
} as const;

/** Commands, step and semantics of a popover. Whether it is shown only the platform knows: the pattern reads it. */
export const popover: Omit<Contract<Openable, PopoverPart, PopoverChoices>, 'read'> = {
  name: 'popover',
  commands: {
    '': 'toggle',
    '--toggle': 'toggle',
    '--open': 'open',
    '--close': 'close',
    'toggle-popover': 'toggle',
    'show-popover': 'open',
    'hide-popover': 'close',
  },
  step: stepOpenable,
  semantics: {
    opener: ({ open }, { root }, intent) =>
      intent === 'close' ? undefined : { 'aria-expanded': `${open}`, 'aria-controls': root.id },
  },
};

export const popoverNotes: Notes<PopoverPart> = {
  name: 'popover',
  says: 'Opens beside its control, above everything, and follows it; the page stays live.',
  standard: 'HTML, the popover attribute; CSS Anchor Positioning, position-area; WCAG 2.4.3, Focus Order',
  parts: {
    root: {
      is: 'any element with an id, best with popover="manual", so that it is hidden before script runs',
      required: true,
      why: 'It goes to the top layer where it stands, out of reach of clipping and stacking.',
    },
    opener: {
      is: 'a <button> whose commandfor or aria-controls names it; anywhere, any number',
      required: true,
      why: 'It is what the popover stands beside, unless the option anchor says otherwise.',
    },
    title: {
      is: 'its first heading, unless aria-label or aria-labelledby names it',
      required: false,
      why: 'A popover with a title is a named group.',
    },
  },
  keys: [
    { on: 'opener', key: 'Enter', does: 'Opens the popover, or closes it', by: 'browser' },
    { on: 'opener', key: 'Space', does: 'Opens the popover, or closes it', by: 'browser' },
    {
      on: 'opener',
      key: 'Tab',
      does: 'Enters the open popover, when it holds anything that takes focus',
      by: 'engine',
    },
    { on: 'root', key: 'Tab', does: 'Goes on; from its end to what follows the opener', by: 'engine' },
    { on: 'root', key: 'Shift+Tab', does: 'Goes back; from its start to the opener', by: 'engine' },
    { on: 'root', key: 'Escape', does: 'Closes it and gives focus back, reason "escape"', by: 'engine' },
  ],
  presses: [
    { on: 'opener', does: 'Opens the popover; a second press closes it' },
    { on: 'outside', does: 'Closes it, reason "outside"' },
  ],
  states: [
    {
      name: 'open',
      type: 'boolean',
      first: 'false',
      shown: ':popover-open and data-phase on the popover; aria-expanded on every opener',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the popover' },
  ],
  options: [
    openOption,
    {
      name: 'area',
      values: 'block-end, block-start span-inline-end, …',
      default: 'block-end',
      does: 'Where it stands, by the grammar of position-area.',
    },
    { name: 'gap', values: 'pixels', default: '8', does: 'How far it stands from its anchor.' },
    {
      name: 'edgeGap',
      values: 'pixels',
      default: '8',
      does: 'How far it keeps from the edge of the screen.',
    },
    {
      name: 'fallbacks',
      values: 'flip-block, flip-inline, both, flip-start, …',
      default: 'the first three; beside an inline side also above and below',
      does: 'What is tried when there is no room.',
    },
    {
      name: 'anchor',
      values: 'element, { x, y } or function',
      default: 'the opener',
      does: 'What it stands beside.',
    },
    { name: 'outside', values: 'close, absorb, keep', default: 'close', does: 'What a press outside does.' },
    { name: 'escape', values: 'close, keep', default: 'close', does: 'What Escape does.' },
    {
      name: 'focusOut',
      values: 'close, keep',
      default: 'close',
      does: 'What happens when focus leaves it and its opener.',
    },
    {
      name: 'openOn',
      values: 'press, hover, focus',
      default: 'press',
      does: 'What opens it besides a press: the pointer resting on the opener, or keyboard focus.',
    },
    {
      name: 'delay',
      values: 'milliseconds',
      default: '300',
      does: 'How long the pointer rests before it opens.',
    },
    {
      name: 'modal',
      values: 'true, false',
      default: 'false',
      does: 'Whether the page around it is out of reach, under a backdrop; the popover is a <dialog> then.',
    },
    { name: 'fit', values: 'content, anchor', default: 'content', does: 'How wide it is.' },
    {
      name: 'behind',
      values: 'close, keep',
      default: 'keep',
      does: 'What becomes of it when a modal dialog opens from a control in it.',
    },
    guardOption,
    contentOption,
    loadOption,
    onChangeOption,
  ],
  owes: [
    'It stands within the screen whenever it fits, beside its anchor; where it does not fit it scrolls inside.',
    'It follows its anchor through scrolling, resizing and layout change, with no work while nothing moves.',
    'It closes when its anchor is scrolled out of view or removed.',
    'Nested: a child closes with its parent; a press in a child never closes the parent.',
    'Focus returns to the opener when it was inside.',
    'Opened by hover it closes when the pointer has left it and its opener; a press on the opener makes it stay.',
    'An opener with aria-disabled keeps its place in the focus order and opens nothing; a tooltip may say why.',
  ],
};
