// The popover: a layer beside the control that opened it, with the page live around it.
import type { Escape, Outside } from '../layers/stack.js';
import type { ContractWithoutRead } from './contract.js';
import { type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { popoverOptionKinds } from './option-kinds.js';

/** What a program calls on it, by name. */
export const popoverMethods = ['show', 'close', 'toggle'] as const;

/** Its parts, as its notes name them. */
export type PopoverPart = 'root' | 'opener' | 'title';

/** The options that its contract knows. */
export interface PopoverChoices {
  /** What a press outside does. @defaultValue `close` */
  outside?: Outside;
  /** What Escape and the back gesture do. @defaultValue `close` */
  escape?: Escape;
  /** What happens when focus leaves it and its opener. @defaultValue `close` */
  focusOut?: 'close' | 'keep';
  /** What happens to it when a modal dialog opens from a control in it. @defaultValue `keep` */
  behind?: 'close' | 'keep';
  /**
   * What opens it besides a press: the pointer that rests on the opener, or keyboard focus on it.
   *
   * @defaultValue `press`: nothing else
   */
  openOn?: 'press' | 'hover' | 'focus';
  /** Whether the page around it is inert, under a backdrop. Needs a `<dialog>`. @defaultValue false */
  modal?: boolean;
}

/** Commands, step and semantics of a popover. Whether it is shown only the platform knows: the pattern reads it. */
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
