// Ways to show a layer in the top layer: as a modal dialog, or as a popover beside a live page.
//
// Nothing is moved in the document: frameworks that render the element would not survive that. Where the platform lacks
// dialogs or popovers (as jsdom does) the layer is shown by an attribute, so that pages can be tested there.
import type { Attributes } from '../core/contract/contract.js';
import { isElement, windowOf } from '../engine/dom.js';
import { repeatMessages } from './late-messages.js';
import type { Phase } from './phase.js';
import { lockScroll } from './scroll-lock.js';

/** How a layer is put into the top layer, and taken out of it. */
export interface TopLayer {
  readonly modal: boolean;
  /** Whether the top layer shows it, whatever its attributes say. */
  isShown(): boolean;
  /** Whether it is open, by its attributes where the platform lacks the top layer. */
  isOpen(): boolean;
  /** Whether only what is in the document can be shown. */
  readonly needsDocument: boolean;
  /** Shows it, unless it shows already. `beside`: what it stands beside; where that is an HTML element, the platform may take it for its anchor. */
  show(beside: unknown): void;
  hide(result: string | null | undefined): void;
  /** It shows, and has focus: what it does to the page until released. */
  hold?(): () => void;
  attributes(phase: Phase): Attributes;
}

/** True while `root` is shown as a popover; where the platform has none, by its phase. */
export const isShown = (root: Element): boolean =>
  'showPopover' in root ? root.matches(':popover-open') : root.getAttribute('data-phase') === 'open';

/** True where the platform hides `root` as a popover, whatever is still to be written. */
export const isClosedPopover = (root: HTMLElement): boolean =>
  isElement(root) && 'showPopover' in root && root.hasAttribute('popover') && !isShown(root);

/** True while `root` is shown as a modal dialog; where the platform has none, while it is open. */
export const isShownModal = (root: HTMLDialogElement): boolean =>
  typeof root.showModal === 'function' ? root.matches(':modal') : root.hasAttribute('open');

/** The value that closed a dialog which the platform closed by itself. */
export const returnValueOf = (root: HTMLElement): string | null =>
  'returnValue' in root && typeof root.returnValue === 'string' ? root.returnValue : null;

/** What the platform or a user has opened before it was wired: only they can have had the top layer show it. */
export const shownBefore = (root: Element): { open?: boolean } =>
  ('showPopover' in root && root.matches(':popover-open')) || ('showModal' in root && root.matches(':modal'))
    ? { open: true }
    : {};

/** In a frame that was removed the platform refuses to hide anything, and nothing shows. */
const quietly = (root: Element, hide: () => void): void => {
  try {
    hide();
  } catch (error) {
    if (root.ownerDocument.defaultView) throw error;
  }
};

/** Shown by `popover="manual"` beside a live page; where the platform has no popovers, by `hidden`. */
export const asPopover = (root: HTMLElement): TopLayer => ({
  modal: false,
  needsDocument: 'showPopover' in root,
  isShown: () => !('showPopover' in root) || isShown(root),
  isOpen: () => isShown(root),
  show(beside) {
    const { HTMLElement } = windowOf(root);
    if (!isShown(root)) root.showPopover?.(beside instanceof HTMLElement ? { source: beside } : {});
  },
  hide() {
    if (root.hidePopover && isShown(root)) quietly(root, () => root.hidePopover());
  },
  // Without popovers a style sheet that hides `[popover]` would hide it for good.
  attributes: (phase) =>
    'showPopover' in root ? { popover: 'manual' } : { hidden: phase === 'closed' ? '' : null, popover: null },
});

/**
 * Shown by `showModal()`, with the page behind inert and its scrolling locked; where the platform has none, by
 * `open`.
 */
export const asModal = (root: HTMLDialogElement): TopLayer => ({
  modal: true,
  needsDocument: 'showModal' in root,
  isShown: () => isShownModal(root),
  isOpen: () => root.hasAttribute('open'),
  show() {
    if (!root.showModal) return root.setAttribute('open', '');
    if (isShownModal(root) && root.open) return;
    if (root.open) root.close();
    const { autofocus } = root;
    // The platform focuses the dialog itself then, and not the first control in it: the policy says which.
    root.autofocus = true;
    root.showModal();
    root.autofocus = autofocus;
  },
  hide(result) {
    if (!root.showModal) return root.removeAttribute('open');
    // Without its open attribute a dialog is hidden, yet still holds the page inert: closing mends it.
    if (root.isConnected && root.matches(':modal')) root.setAttribute('open', '');
    quietly(root, () => root.close(result ?? undefined));
  },
  hold() {
    const unlock = lockScroll(root.ownerDocument);
    return () => {
      unlock();
      repeatMessages(root);
    };
  },
  attributes: () => ('showModal' in root ? {} : { 'aria-modal': 'true' }),
});
