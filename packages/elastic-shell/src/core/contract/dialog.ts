// The modal dialog, and the alert dialog, which differs by its role and by what dismisses it.
import type { Escape, Outside } from '../layers/stack.js';
import type { Attributes, Contract, RootView } from './contract.js';
import { type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { dialogOptionKinds } from './option-kinds.js';

/** What a program calls on it, by name. */
export const dialogMethods = ['show', 'close', 'toggle', 'ask'] as const;

/** Its parts, as its notes name them. */
export type DialogPart = 'root' | 'opener' | 'title' | 'description';

/** The options that its contract knows. */
export interface DialogChoices {
  /**
   * Specifies what a click on the backdrop does: `close` and `absorb` close it, and `keep` leaves it open.
   *
   * @defaultValue `close`, or `keep` for an alert dialog
   * @example { outside: 'keep' }
   */
  outside?: Outside;
  /**
   * Specifies what Escape and the back gesture do.
   *
   * @defaultValue `close`
   * @example { escape: 'keep' }
   */
  escape?: Escape;
  /**
   * Sets the width: 26, 34 or 52 rem, or the whole screen. In markup: `data-size`.
   *
   * @defaultValue `medium`
   * @example { size: 'wide' }
   */
  size?: 'narrow' | 'medium' | 'wide' | 'full';
  /**
   * Specifies whether it fills screens narrower than 40 rem. In markup: `data-phone`.
   *
   * @defaultValue `fit`
   * @example { phone: 'full' }
   */
  phone?: 'fit' | 'full';
  /**
   * Specifies whether the page behind is shaded. In markup: `data-backdrop`.
   *
   * @defaultValue `shade`
   * @example { backdrop: 'none' }
   */
  backdrop?: 'shade' | 'none';
}

/** How it looks, as attributes that structure.css reads. */
const looks = ['size', 'phone', 'backdrop'] as const;
const looksOf = (options: DialogChoices): Attributes => {
  const attributes: Attributes = {};
  for (const look of looks) if (options[look]) attributes[`data-${look}`] = options[look];
  return attributes;
};

/** Parts, commands, step and semantics of a dialog. Its root is a `<dialog>`. */
export const dialog: Contract<Openable, DialogChoices, OpenIntent> = {
  name: 'dialog',
  fixed: ['content', 'loadOn'],
  options: dialogOptionKinds,
  commands: {
    '': 'open',
    '--open': 'open',
    'show-modal': 'open',
    '--close': 'close',
    close: 'close',
    'request-close': 'close',
    '--toggle': 'toggle',
  },
  read: ({ root }) => ({ open: root.hasAttribute('open') }),
  step: stepOpenable,
  semantics: {
    root: (_, { options }) => looksOf(options),
    opener: ({ open }, { root }, intent) =>
      intent === 'close'
        ? undefined
        : { 'aria-haspopup': 'dialog', 'aria-expanded': `${open}`, 'aria-controls': root.id },
  },
};

/** What of a dialog's markup decides its name, its description and what dismisses it. */
export interface DialogMarkup {
  role: string | null;
  /** The author named it by aria-label or aria-labelledby. */
  named: boolean;
  /** The author described it by aria-describedby. */
  described: boolean;
}

/** Reads it, as the author wrote it. */
export const markupOf = (root: Pick<RootView, 'getAttribute' | 'hasAttribute'>): DialogMarkup => ({
  role: root.getAttribute('role'),
  named: root.hasAttribute('aria-label') || root.hasAttribute('aria-labelledby'),
  described: root.hasAttribute('aria-describedby'),
});

const isAlert = ({ role }: DialogMarkup): boolean => role === 'alertdialog';

/** What a press outside does: the author's choice, else nothing for an alert dialog, else it closes. */
export const outsideOf = (options: DialogChoices, markup: DialogMarkup): Outside =>
  options.outside ?? (isAlert(markup) ? 'keep' : 'close');

/** How the dialog is named and described, given the ids of its title and of its first paragraph. */
export const namingOf = (markup: DialogMarkup, title?: string, description?: string): Attributes => ({
  ...(title && !markup.named && { 'aria-labelledby': title }),
  ...(description && isAlert(markup) && !markup.described && { 'aria-describedby': description }),
});
