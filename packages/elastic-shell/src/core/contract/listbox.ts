// The listbox: options of which one or several are selected, in a list or a grid.
import { holds, touchedChosen } from '../collection/selection.js';
import type { ContractWithoutRead, KeyActs } from './contract.js';
import { listboxOptionKinds } from './option-kinds.js';
import { movesBy, selectCommands, type Selecting, type SelectIntent, stepSelecting } from './selecting.js';

/** The names of its methods. */
export const listboxMethods = ['select', 'deselect', 'clear'] as const;

/** Its parts, as in its notes. */
export type ListboxPart = 'root' | 'item' | 'group' | 'opener';

/** The options that its contract reads. */
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

/** The keys, for the layout of the options. */
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

/** The commands, step and semantics of a listbox. The pattern reads the initial selection. */
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
      // Firefox makes every scrollable element a tab stop.
      tabindex: '-1',
      ...(options.multiple && { 'aria-multiselectable': 'true' }),
      ...(options.orientation && { 'aria-orientation': options.orientation }),
    }),
    item: ({ selected }, _, key) => ({ role: 'option', 'aria-selected': `${holds(selected, key)}` }),
  },
};
