// The drawer: a dialog at an edge of the screen, modal or not.
import type { Outside } from '../layers/stack.js';
import type { Contract } from './contract.js';
import { dialog, type DialogChoices } from './dialog.js';
import type { Openable, OpenIntent } from './openable.js';
import { drawerOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const drawerMethods = ['show', 'close', 'toggle', 'ask'] as const;

/** The options that its contract reads. */
export interface DrawerChoices extends DialogChoices {
  /**
   * Sets the edge of the screen that it is attached to.
   *
   * @defaultValue `inline-start`
   * @example { edge: 'inline-end' }
   */
  edge?: 'inline-start' | 'inline-end' | 'block-start' | 'block-end';
  /**
   * Specifies whether the page behind is inert.
   *
   * @defaultValue true
   * @example { modal: false }
   */
  modal?: boolean;
  /**
   * Sets a media query. When it starts to match, the drawer closes with the reason `viewport`.
   *
   * @defaultValue none
   * @example { closedWhen: '(min-width: 60rem)' }
   */
  closedWhen?: string;
  /**
   * Specifies what a click on the backdrop does: `close` and `absorb` close it, and `keep` leaves it open. A
   * non-modal drawer has no backdrop.
   *
   * @defaultValue `close`, or `keep` if not modal
   * @example { outside: 'keep' }
   */
  outside?: Outside;
}

/** The contract of a dialog, at an edge. */
export const drawer: Contract<Openable, DrawerChoices, OpenIntent> = {
  ...dialog,
  name: 'drawer',
  fixed: ['content', 'loadOn', 'edge', 'modal', 'closedWhen'],
  options: drawerOptionKinds,
  semantics: {
    ...dialog.semantics,
    root: (state, view) => ({
      ...dialog.semantics.root?.(state, view),
      'data-edge': view.options.edge ?? 'inline-start',
    }),
  },
};
