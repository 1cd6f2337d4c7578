// The modal dialog, and the alert dialog, which has another role and other ways to dismiss it.
import type { Escape, Outside } from '../layers/stack.js';
import type { Attributes, Contract, RootView } from './contract.js';
import { type Openable, type OpenIntent, stepOpenable } from './openable.js';
import { dialogOptionKinds } from './option-kinds.js';

/** The names of its methods. */
export const dialogMethods = ['show', 'close', 'toggle', 'ask'] as const;

/** Its parts, as in its notes. */
export type DialogPart = 'root' | 'opener' | 'title' | 'description';

/** The options that its contract reads. */
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

/** The options that become attributes for structure.css. */
const looks = ['size', 'phone', 'backdrop'] as const;
const looksOf = (options: DialogChoices): Attributes => {
  const attributes: Attributes = {};
  for (const look of looks) if (options[look]) attributes[`data-${look}`] = options[look];
  return attributes;
};

/** The parts, commands, step and semantics of a dialog. Its root is a `<dialog>`. */
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

/** The parts of a dialog's markup that decide about its name, its description and its dismissal. */
export interface DialogMarkup {
  role: string | null;
  /** Whether the author has named it with aria-label or aria-labelledby. */
  named: boolean;
  /** Whether the author has described it with aria-describedby. */
  described: boolean;
}

/** Reads them as the author wrote them. */
export const markupOf = (root: Pick<RootView, 'getAttribute' | 'hasAttribute'>): DialogMarkup => ({
  role: root.getAttribute('role'),
  named: root.hasAttribute('aria-label') || root.hasAttribute('aria-labelledby'),
  described: root.hasAttribute('aria-describedby'),
});

const isAlert = ({ role }: DialogMarkup): boolean => role === 'alertdialog';

/**
 * Returns the effect of a click outside: the author's option, or `keep` for an alert dialog and `close` for
 * others.
 */
export const outsideOf = (options: DialogChoices, markup: DialogMarkup): Outside =>
  options.outside ?? (isAlert(markup) ? 'keep' : 'close');

/**
 * Returns the attributes that name and describe the dialog, given the ids of its title and its first
 * paragraph.
 */
export const namingOf = (markup: DialogMarkup, title?: string, description?: string): Attributes => ({
  ...(title && !markup.named && { 'aria-labelledby': title }),
  ...(description && isAlert(markup) && !markup.described && { 'aria-describedby': description }),
});
