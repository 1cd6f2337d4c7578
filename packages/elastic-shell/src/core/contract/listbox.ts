// The listbox: options of which one or several are selected, in a line or in a grid.
import { holds, touchedChosen } from '../collection/selection.js';
import type { ContractWithoutRead, KeyActs } from './contract.js';
import { listboxOptionKinds } from './option-kinds.js';
import { movesBy, selectCommands, type Selecting, type SelectIntent, stepSelecting } from './selecting.js';

/** What a program calls on it, by name. */
export const listboxMethods = ['select', 'deselect', 'clear'] as const;

/** Its parts, as its notes name them. */
export type ListboxPart = 'root' | 'item' | 'group' | 'opener';

/** The options that its contract knows. */
export interface ListboxChoices {
  /** Whether several options can be selected. @defaultValue as aria-multiselectable says, else false */
  multiple?: boolean;
  /** Whether moving to an option selects it, if only one can be selected. @defaultValue `automatic` */
  activation?: 'automatic' | 'manual';
  /** Whether the arrow keys go from the last option to the first, and back. @defaultValue false */
  wrap?: boolean;
  /** How the options lie: one under the other, or in rows of several. @defaultValue `list` */
  layout?: 'list' | 'grid';
  /** Which arrow keys go along the options. @defaultValue as aria-orientation says, else `vertical` */
  orientation?: 'vertical' | 'horizontal';
}

const ends = { Home: 'first', End: 'last', PageDown: 'page-next', PageUp: 'page-previous' } as const;
const block = { 'block-next': 'next', 'block-previous': 'previous' } as const;
const inline = { 'inline-next': 'next', 'inline-previous': 'previous' } as const;
const rows = { 'block-next': 'down', 'block-previous': 'up' } as const;

/** What the keys mean, as the options are laid out. */
export const listboxKeys = ({
  multiple = false,
  layout,
  orientation,
}: ListboxChoices): KeyActs<SelectIntent> => ({
  ...movesBy(
    {
      ...ends,
      ...(layout === 'grid' ? { ...inline, ...rows } : orientation === 'horizontal' ? inline : block),
    },
    multiple,
  ),
  Enter: 'pick',
  Space: multiple ? 'toggle' : 'pick',
  ...(multiple && { 'Shift+Space': 'extend' }),
});

/** Commands, step and semantics of a listbox. What is selected at first the pattern reads. */
export const listbox: ContractWithoutRead<Selecting, ListboxChoices, SelectIntent> = {
  name: 'listbox',
  fixed: ['items', 'layout', 'multiple', 'name'],
  options: listboxOptionKinds,
  commands: selectCommands,
  free: ['current'],
  step(state, intent, view) {
    const { multiple, activation } = view.options;
    return stepSelecting(state, multiple && intent === 'pick' ? 'toggle' : intent, view, {
      mode: multiple ? 'multiple' : 'single',
      follows: activation !== 'manual',
    });
  },
  touches: (before, after) => touchedChosen(before.selected, after.selected),
  semantics: {
    root: (_, { options, root }) => ({
      'data-wired': 'listbox',
      role: root.getAttribute('role') ?? 'listbox',
      // Firefox makes whatever scrolls a tab stop of its own.
      tabindex: '-1',
      ...(options.multiple && { 'aria-multiselectable': 'true' }),
      ...(options.orientation && { 'aria-orientation': options.orientation }),
    }),
    item: ({ selected }, _, key) => ({ role: 'option', 'aria-selected': `${holds(selected, key)}` }),
  },
};
