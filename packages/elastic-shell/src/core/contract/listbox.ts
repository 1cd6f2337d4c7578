// The listbox: options of which one or several are selected, in a line or in a grid.
import { holds } from '../collection/selection.js';
import type { Contract, Notes, View } from './contract.js';
import { guardOption, onChangeOption } from './openable.js';
import { movesBy, type Selecting, stepSelecting } from './selecting.js';

export type ListboxPart = 'root' | 'item' | 'group';

export interface ListboxChoices {
  /** Several options may be selected. Default: as aria-multiselectable says. */
  multiple?: boolean;
  /** Whether moving to an option selects it, in a single selection. Default: `automatic`. */
  activation?: 'automatic' | 'manual';
  /** From the last goes on to the first, and back. Default: false. */
  wrap?: boolean;
  /** How the options are laid out: one under the other, or in rows of several. Default: `list`. */
  layout?: 'list' | 'grid';
  /** Which arrows go along the options. Default: as aria-orientation says, else `vertical`. */
  orientation?: 'vertical' | 'horizontal';
}

/** The vocabulary of its options. */
export const listboxChoices = {
  activation: ['automatic', 'manual'],
  layout: ['list', 'grid'],
  orientation: ['vertical', 'horizontal'],
} as const;

const ends = { Home: 'first', End: 'last', PageDown: 'page-next', PageUp: 'page-previous' };
const block = { 'block-next': 'next', 'block-previous': 'previous' };
const inline = { 'inline-next': 'next', 'inline-previous': 'previous' };
const rows = { 'block-next': 'down', 'block-previous': 'up' };

export const listboxKeys = ({
  multiple = false,
  layout,
  orientation,
}: ListboxChoices): Record<string, string> => ({
  ...movesBy(
    {
      ...ends,
      ...(layout === 'grid' ? { ...inline, ...rows } : orientation === 'horizontal' ? inline : block),
    },
    multiple,
  ),
  Enter: 'pick',
  Space: multiple ? 'toggle' : 'pick',
  ...(multiple && { 'Shift+Space': 'range' }),
});

/** Step and semantics of a listbox. What is selected at first the pattern reads. */
export const listbox: Omit<Contract<Selecting, ListboxPart, ListboxChoices>, 'read'> = {
  name: 'listbox',
  commands: {},
  step(state, intent, view: View<ListboxChoices>) {
    const { multiple, activation, wrap = false } = view.options;
    return stepSelecting(state, multiple && intent === 'pick' ? 'toggle' : intent, view, {
      ...view.moves,
      wrap,
      mode: multiple ? 'multiple' : 'single',
      follows: activation !== 'manual',
    });
  },
  semantics: {
    root: (_, { options, root }) => ({
      role: root.getAttribute('role') ?? 'listbox',
      ...(options.multiple && { 'aria-multiselectable': 'true' }),
      ...(options.orientation && { 'aria-orientation': options.orientation }),
    }),
    item: ({ selected }, _, key) => ({ role: 'option', 'aria-selected': `${holds(selected, key!)}` }),
  },
};

export const listboxNotes: Notes<ListboxPart> = {
  name: 'listbox',
  says: 'A list of options of which one or several are selected.',
  standard: 'WAI-ARIA Authoring Practices, Listbox',
  parts: {
    root: {
      is: 'an element with role="listbox" and a name',
      required: true,
      why: 'It holds the options, is what scrolls, and is one tab stop.',
    },
    item: {
      is: 'role="option" in it; its key is data-key, else id, else its place from 0. Or made from the option items',
      required: true,
      why: 'It is what is moved to and selected.',
    },
    group: {
      is: 'role="group" around options, with a name',
      required: false,
      why: 'It says what its options have in common; keys pass through it.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'ArrowDown',
      does: 'Goes to the next option, and selects it; in a grid to the row below',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowUp',
      does: 'Goes to the previous option, and selects it; in a grid to the row above',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'In a grid, or when horizontal: goes to the next option',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'In a grid, or when horizontal: goes to the previous option',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Goes to the first option', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last option', by: 'engine' },
    { on: 'item', key: 'PageDown', does: 'Goes on by what is in view', by: 'engine' },
    { on: 'item', key: 'PageUp', does: 'Goes back by what is in view', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Goes to the next option that begins with them', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Selects the option', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Selects the option; of several, takes it in or out', by: 'engine' },
    {
      on: 'item',
      key: 'Shift+Arrow',
      does: 'Of several: extends the range; so do Shift+Home, End, PageUp and PageDown',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Control+Shift+Home',
      does: 'Of several: selects from where the range began to the first',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'Control+Shift+End',
      does: 'Of several: selects from where the range began to the last',
      by: 'engine',
    },
    { on: 'item', key: 'Control+a', does: 'Of several: selects all', by: 'engine' },
  ],
  presses: [{ on: 'item', does: 'Selects the option; of several, takes it in or out, with Shift the range' }],
  states: [
    {
      name: 'selected',
      type: 'a key or undefined; with multiple, a set of keys',
      first: 'the options with aria-selected="true"',
      shown: 'aria-selected on every option',
    },
    {
      name: 'current',
      type: 'a key, or undefined',
      first: 'undefined: the tab stop is the first selected option, else the first',
      shown: 'tabindex on the options, and focus',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  options: [
    {
      name: 'selected',
      values: 'a key, keys or a cell',
      default: 'as the markup shows',
      does: 'The first state, or a cell that is followed both ways.',
    },
    {
      name: 'multiple',
      values: 'true, false',
      default: 'as aria-multiselectable says',
      does: 'Whether several may be selected.',
    },
    {
      name: 'activation',
      values: 'automatic, manual',
      default: 'automatic',
      does: 'Whether moving to an option selects it.',
    },
    {
      name: 'wrap',
      values: 'true, false',
      default: 'false',
      does: 'From the last goes on to the first, and back.',
    },
    {
      name: 'layout',
      values: 'list, grid',
      default: 'list',
      does: 'Whether the arrows go in two ways, as the options are laid out.',
    },
    {
      name: 'orientation',
      values: 'vertical, horizontal',
      default: 'vertical',
      does: 'Which arrows go along the options.',
    },
    {
      name: 'items',
      values: 'a list of items or a cell',
      default: 'none: the markup holds them',
      does: 'Options as data: { key, label, disabled, description, group }.',
    },
    {
      name: 'render',
      values: 'function',
      default: 'the label, and the description',
      does: 'Makes what stands in an option.',
    },
    {
      name: 'rowHeight',
      values: 'same, measured',
      default: 'same',
      does: 'Whether each row that is shown is measured; only rows in view are on the page beyond 200.',
    },
    {
      name: 'name',
      values: 'text',
      default: 'the attribute data-name',
      does: 'The name under which the selected keys are sent with a form.',
    },
    guardOption,
    onChangeOption,
  ],
  owes: [
    'One tab stop; the current option is always in view.',
    'Options that come or go later are taken up; what is selected and not there is kept.',
    'From data, rows beyond 200 are windowed: only those in view are on the page, with aria-setsize and aria-posinset; the one with focus stays.',
    'A render function that throws costs its own option its looks, not its label, and stops nothing else.',
  ],
};
