// The drawer: a dialog at an edge of the screen, modal or beside the live page.
import type { Contract } from './contract.js';
import { dialog, type DialogChoices } from './dialog.js';
import type { Openable, OpenIntent } from './openable.js';

/** What a program calls on it, by name. */
export const drawerMethods = ['show', 'close', 'toggle', 'ask'] as const;

/** The options that its contract knows. */
export interface DrawerChoices extends DialogChoices {
  /** The edge it is attached to. Default: `inline-start`. */
  edge?: 'inline-start' | 'inline-end' | 'block-start' | 'block-end';
  /** Whether the page behind is inert. Default: true. */
  modal?: boolean;
  /** A media query: when it comes to match, the drawer closes with the reason `viewport`. Default: none. */
  closedWhen?: string;
}

/** A dialog's contract at an edge. */
export const drawer: Contract<Openable, DrawerChoices, OpenIntent> = {
  ...dialog,
  name: 'drawer',
  fixed: ['content', 'loadOn', 'edge', 'modal', 'closedWhen'],
  options: {
    ...dialog.options,
    edge: ['inline-start', 'inline-end', 'block-start', 'block-end'],
    modal: 'true or false',
    closedWhen: 'a text',
  },
  semantics: {
    ...dialog.semantics,
    root: (state, view) => ({
      ...dialog.semantics.root?.(state, view),
      'data-edge': view.options.edge ?? 'inline-start',
    }),
  },
};
