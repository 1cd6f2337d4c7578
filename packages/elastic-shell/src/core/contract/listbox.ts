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
  /**
   * Specifies whether several options can be selected.
   *
   * @defaultValue `aria-multiselectable`, or false
   * @example { multiple: true }
   */
  multiple?: boolean;
  /**
   * Specifies whether moving to an option selects it, in a single selection.
   *
   * @defaultValue `automatic`
   * @example { activation: 'manual' }
   */
  activation?: 'automatic' | 'manual';
  /**
   * Specifies whether the arrow keys move from the last option to the first, and back.
   *
   * @defaultValue false
   * @example { wrap: true }
   */
  wrap?: boolean;
  /**
   * Specifies the layout: one option per row, or several.
   *
   * @defaultValue `list`
   * @example { layout: 'grid' }
   */
  layout?: 'list' | 'grid';
  /**
   * Specifies which arrow keys move along the options.
   *
   * @defaultValue `aria-orientation`, or `vertical`
   * @example { orientation: 'horizontal' }
   */
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
