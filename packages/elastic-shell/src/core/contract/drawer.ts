// The drawer: a dialog at an edge of the screen, modal or beside the live page.
import type { Outside } from '../layers/stack.js';
import type { Contract } from './contract.js';
import { dialog, type DialogChoices } from './dialog.js';
import type { Openable, OpenIntent } from './openable.js';
import { drawerOptionKinds } from './option-kinds.js';

/** What a program calls on it, by name. */
export const drawerMethods = ['show', 'close', 'toggle', 'ask'] as const;

/** The options that its contract knows. */
export interface DrawerChoices extends DialogChoices {
  /** The edge of the screen at which it stands. @defaultValue `inline-start` */
  edge?: 'inline-start' | 'inline-end' | 'block-start' | 'block-end';
  /** Whether the page behind is inert. @defaultValue true */
  modal?: boolean;
  /** A media query. When it begins to match, the drawer closes with the reason `viewport`. @defaultValue none */
  closedWhen?: string;
  /**
   * What a press on the backdrop does. A drawer beside a live page has no backdrop.
   *
   * @defaultValue `close`; `keep` beside a live page
   */
  outside?: Outside;
}

/** A dialog's contract at an edge. */
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
