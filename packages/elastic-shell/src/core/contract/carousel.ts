// The carousel: slides side by side, of which one or several are visible.
import { indexOf } from '../collection/items.js';
import { isMove, type Move, move } from '../collection/movement.js';
import type { ContractWithoutRead, View } from './contract.js';
import { carouselOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const carouselMethods = ['select', 'next', 'previous'] as const;

/** Its parts, as in its notes. */
export type CarouselPart = 'root' | 'slide' | 'opener';
/** Its intents: to move, to select a slide, to start or stop the rotation. */
export type CarouselIntent = Move | 'select' | 'rotate';

/** The states of a carousel. */
export interface CarouselState {
  /** The key of the first visible slide. */
  selected: string | undefined;
  /** Whether the slides rotate. Hover, focus and a hidden page only pause them. */
  rotating: boolean;
}

/** The options that its contract reads. */
export interface CarouselChoices {
  /**
   * Sets how long each slide is shown during rotation, in milliseconds.
   *
   * @defaultValue none
   * @example { interval: 6000 }
   */
  interval?: number;
  /**
   * Specifies whether the last slide is followed by the first.
   *
   * @defaultValue true
   * @example { wrap: false }
   */
  wrap?: boolean;
}

/** Returns whether a control that moves has no further slide. */
const isAtEnd = (selected: string | undefined, intent: string | undefined, { items }: View): boolean => {
  const isForward = intent === 'next' || intent === 'last';
  const isBack = intent === 'previous' || intent === 'first';
  return (isForward || isBack) && selected === items.at(isForward ? -1 : 0)?.key;
};

/** The commands, step and semantics of a carousel. */
export const carousel: ContractWithoutRead<CarouselState, CarouselChoices, CarouselIntent> = {
  name: 'carousel',
  fixed: ['interval'],
  options: carouselOptionKinds,
  commands: {
    '--next': 'next',
    '--previous': 'previous',
    '--first': 'first',
    '--last': 'last',
    '--select': 'select',
    '--rotate': 'rotate',
  },
  step(state, intent, view) {
    if (intent === 'rotate') return { ...state, rotating: !state.rotating };
    const { items, at } = view;
    const selected = isMove(intent) ? move(items, state.selected, intent, view.options) : at;
    return selected === state.selected || indexOf(items, selected) < 0 ? state : { ...state, selected };
  },
  semantics: {
    root: (_, { root }) => ({
      'aria-roledescription': 'carousel',
      ...(!root.hasAttribute('role') && root.localName !== 'section' && { role: 'group' }),
    }),
    opener: ({ selected, rotating }, view, intent) => {
      if (intent === 'rotate') return { 'data-rotating': `${rotating}` };
      const isOver = view.options.wrap === false && isAtEnd(selected, intent, view);
      return isOver ? { 'aria-disabled': 'true' } : {};
    },
  },
};
