// The popover: a layer beside its opener, with the page around it usable.
import type { Escape, Outside } from '../layers/stack.js';
import type { ContractWithoutRead } from './contract.js';
import { type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { popoverOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const popoverMethods = ['show', 'close', 'toggle'] as const;

/** Its parts, as in its notes. */
export type PopoverPart = 'root' | 'opener' | 'title';

/** The options that its contract reads. */
export interface PopoverChoices {
  /**
   * Specifies what a click outside does. `absorb` closes it and keeps the click from the page, and `keep`
   * leaves it open.
   *
   * @defaultValue `close`
   * @example { outside: 'keep' }
   */
  outside?: Outside;
  /**
   * Specifies what Escape and the back gesture do.
   *
   * @defaultValue `close`
   * @example { escape: 'keep' }
   */
  escape?: Escape;
  /**
   * Specifies what happens when focus leaves both it and its opener.
   *
   * @defaultValue `close`
   * @example { focusOut: 'close' }
   */
  focusOut?: 'close' | 'keep';
  /**
   * Specifies what happens to it when a control inside it opens a modal dialog.
   *
   * @defaultValue `keep`
   * @example { behind: 'close' }
   */
  behind?: 'close' | 'keep';
  /**
   * Specifies what opens it besides activating the opener: hovering over the opener, or keyboard focus on it.
   *
   * @defaultValue `press`
   * @example { openOn: 'hover' }
   */
  openOn?: 'press' | 'hover' | 'focus';
  /**
   * Specifies whether the page around it is inert, under a backdrop. Requires a `<dialog>`.
   *
   * @defaultValue false
   * @example { modal: true }
   */
  modal?: boolean;
}

/**
 * The commands, step and semantics of a popover. Only the platform knows whether it is visible, so the
 * pattern reads it.
 */
export const popover: ContractWithoutRead<Openable, PopoverChoices, OpenIntent> = {
  name: 'popover',
  fixed: ['content', 'loadOn', 'modal', 'openOn', 'hoverDelay'],
  options: popoverOptionKinds,
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
