// The toolbar: controls with one tab stop, which is the control that had focus last.
import type { Contract, KeyActs } from './contract.js';
import { toolbarOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const toolbarMethods = [] as const;

/** Its parts, as in its notes. */
export type ToolbarPart = 'root' | 'item' | 'separator' | 'more' | 'menu';

/** A toolbar has no intents except moving focus, which its keys do. */
export type ToolbarIntent = never;

/** The states of a toolbar. */
export interface ToolbarState {
  /** The key of the item with the tab stop, or undefined until one has had focus. */
  current: string | undefined;
}

/** The options that its contract reads. */
export interface ToolbarChoices {
  /**
   * Specifies which arrow keys move.
   *
   * @defaultValue `aria-orientation`, or `horizontal`
   * @example { orientation: 'vertical' }
   */
  orientation?: 'horizontal' | 'vertical';
  /**
   * Specifies whether the arrow keys move from the last item to the first, and back.
   *
   * @defaultValue false
   * @example { wrap: false }
   */
  wrap?: boolean;
  /**
   * Specifies whether the arrow keys skip items with `aria-disabled`.
   *
   * @defaultValue false
   * @example { skipDisabled: true }
   */
  skipDisabled?: boolean;
  /**
   * Specifies whether buttons that don't fit move into the menu of `[data-more]`.
   *
   * @defaultValue false
   * @example { overflow: true }
   */
  overflow?: boolean;
}

/** The keys of an item. */
export const toolbarKeys = ({ orientation }: ToolbarChoices): KeyActs<ToolbarIntent> => {
  const line = orientation === 'vertical' ? 'block' : 'inline';
  return {
    [`${line}-next`]: { to: 'next' },
    [`${line}-previous`]: { to: 'previous' },
    Home: { to: 'first' },
    End: { to: 'last' },
  };
};

/** The contract of a toolbar. */
export const toolbar: Contract<ToolbarState, ToolbarChoices, ToolbarIntent> = {
  name: 'toolbar',
  fixed: ['overflow'],
  options: toolbarOptionKinds,
  commands: {},
  free: ['current'],
  read: () => ({ current: undefined }),
  step: (state) => state,
  touches: () => [],
  semantics: {
    root: (_, { options, root }) => ({
      ...(!root.hasAttribute('role') && { role: 'toolbar' }),
      ...(options.orientation && { 'aria-orientation': options.orientation }),
    }),
  },
};
