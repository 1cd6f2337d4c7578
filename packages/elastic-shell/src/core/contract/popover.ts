// The popover: a layer beside the control that opened it, with the page live around it.
import type { Escape, Outside } from '../layers/stack.js';
import type { ContractWithoutRead } from './contract.js';
import { type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { anchorKinds, contentKinds, layerKinds } from './options.js';

/** What a program calls on it, by name. */
export const popoverMethods = ['show', 'close', 'toggle'] as const;

/** Its parts, as its notes name them. */
export type PopoverPart = 'root' | 'opener' | 'title';

/** The options that its contract knows. */
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

/** Commands, step and semantics of a popover. Whether it is shown only the platform knows: the pattern reads it. */
export const popover: ContractWithoutRead<Openable, PopoverChoices, OpenIntent> = {
  name: 'popover',
  fixed: ['content', 'loadOn', 'modal', 'openOn', 'hoverDelay'],
  options: {
    ...layerKinds,
    ...anchorKinds,
    ...contentKinds,
    openOn: ['press', 'hover', 'focus'],
    hoverDelay: 'a number',
    modal: 'true or false',
  },
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
