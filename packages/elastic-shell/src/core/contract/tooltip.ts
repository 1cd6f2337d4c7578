// The tooltip: a few words beside what has the pointer or the focus.
import type { ContractWithoutRead } from './contract.js';
import { type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { tooltipOptionKinds } from './option-kinds.js';

/** What a program calls on it, by name. */
export const tooltipMethods = ['show', 'close', 'toggle'] as const;

/** Its parts, as its notes name them. */
export type TooltipPart = 'root' | 'opener';

/** Commands, step and semantics of a tooltip. Whether it is shown only the platform knows: the pattern reads it. */
export const tooltip: ContractWithoutRead<Openable, object, OpenIntent> = {
  name: 'tooltip',
  fixed: ['hoverDelay'],
  options: tooltipOptionKinds,
  commands: { '--toggle': 'toggle', '--open': 'open', '--close': 'close' },
  step: stepOpenable,
  semantics: {
    root: () => ({ role: 'tooltip' }),
  },
};
