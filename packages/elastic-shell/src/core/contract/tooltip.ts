// The tooltip: a short text beside a control with the pointer or focus.
import type { ContractWithoutRead } from './contract.js';
import { type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { tooltipOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const tooltipMethods = ['show', 'close', 'toggle'] as const;

/** Its parts, as in its notes. */
export type TooltipPart = 'root' | 'opener';

/**
 * The commands, step and semantics of a tooltip. Only the platform knows whether it is visible, so the
 * pattern reads it.
 */
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
