// The tooltip: a few words beside what has the pointer or the focus.
import type { Contract, Notes } from './contract.js';
import { type Openable, stepOpenable } from './openable.js';

export type TooltipPart = 'root' | 'opener';

/** Commands, step and semantics of a tooltip. Whether it is shown only the platform knows: the pattern reads it. */
export const tooltip: Omit<Contract<Openable, TooltipPart>, 'read'> = {
  name: 'tooltip',
  commands: { '--open': 'open', '--close': 'close' },
  step: stepOpenable,
  semantics: {
    root: () => ({ role: 'tooltip' }),
  },
};

export const tooltipNotes: Notes<TooltipPart> = {
  name: 'tooltip',
  says: 'Shows a few words beside a control while the pointer or the focus is on it.',
  standard: 'WAI-ARIA Authoring Practices, Tooltip; WCAG 1.4.13, Content on Hover or Focus',
  parts: {
    root: {
      is: 'any element with an id that holds nothing focusable, best with popover="manual"',
      required: true,
      why: 'It is what is read out with the control.',
    },
    opener: {
      is: 'a focusable element whose aria-describedby (or aria-labelledby) names it; anywhere, any number',
      required: true,
      why: 'It is described, or named, by the tooltip, whether that is shown or not.',
    },
  },
  keys: [{ on: 'opener', key: 'Escape', does: 'Hides it; focus stays', by: 'engine' }],
  presses: [{ on: 'opener', does: 'Hides it' }],
  states: [
    { name: 'open', type: 'boolean', first: 'false', shown: ':popover-open and data-phase on the tooltip' },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the tooltip' },
  ],
  options: [
    {
      name: 'delay',
      values: 'milliseconds',
      default: '500',
      does: 'How long the pointer rests before it shows; none from one tooltip to the next.',
    },
    {
      name: 'area, gap, edgeGap, fallbacks',
      values: 'as for a popover',
      default: 'block-start; 6 pixels',
      does: 'Where it stands.',
    },
    {
      name: 'guard, onChange, open',
      values: 'as for a popover',
      default: 'as for a popover',
      does: 'As for a popover.',
    },
  ],
  owes: [
    'It shows on hover and on keyboard focus, and stays until dismissed, unhovered or blurred.',
    'The pointer can move onto it.',
    'Escape hides it and leaves the focus where it is.',
    'One at a time, and no delay from one to the next.',
  ],
};
