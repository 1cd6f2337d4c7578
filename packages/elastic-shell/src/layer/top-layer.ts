// Two ways to show a layer in the top layer: as a modal dialog, or as a popover beside a page that stays
// usable. Nothing is moved in the document, because a framework that rendered the element would fail. If the
// platform has no dialogs or popovers (as in jsdom), an attribute shows the layer, so that pages can be
// tested there.
import type { Attributes } from '../core/contract/contract.js';
import { isElement, windowOf } from '../engine/dom.js';
import { repeatMessages } from './late-messages.js';
import type { Phase } from './phase.js';
import { lockScroll } from './scroll-lock.js';

/** A way to show a layer in the top layer, and to hide it. */
export interface TopLayer {
  readonly modal: boolean;
  /** Returns whether the top layer shows it, whatever its attributes say. */
  isShown(): boolean;
  /** Returns whether it is open. Without a top layer, its attributes decide. */
  isOpen(): boolean;
  /** Whether the element must be in the document to be shown. */
  readonly needsDocument: boolean;
  /**
   * Shows it, unless it is shown already. `beside` is its anchor. If that is an HTML element, the platform
   * may use it as its own anchor.
   */
  show(beside: unknown): void;
  hide(result: string | null | undefined): void;
  /** Applies its effects on the page until released. Called when it is shown and has focus. */
  hold?(): () => void;
  attributes(phase: Phase): Attributes;
}

/** Returns true while `root` is shown as a popover. Without popovers its phase decides. */
export const isShown = (root: Element): boolean =>
  'showPopover' in root ? root.matches(':popover-open') : root.getAttribute('data-phase') === 'open';

/** Returns true if the platform hides `root` as a popover, whatever attributes are still to be written. */
export const isClosedPopover = (root: HTMLElement): boolean =>
  isElement(root) && 'showPopover' in root && root.hasAttribute('popover') && !isShown(root);

/** Returns true while `root` is shown as a modal dialog. Without dialogs, while it is open. */
export const isShownModal = (root: HTMLDialogElement): boolean =>
  typeof root.showModal === 'function' ? root.matches(':modal') : root.hasAttribute('open');

/** Returns the value that closed a dialog which the platform closed by itself. */
export const returnValueOf = (root: HTMLElement): string | null =>
  'returnValue' in root && typeof root.returnValue === 'string' ? root.returnValue : null;

/**
 * Returns whether the platform or the user opened it before it was wired: only they can have put it into the
 * top layer.
 */
export const shownBefore = (root: Element): { open?: boolean } =>
  ('showPopover' in root && root.matches(':popover-open')) || ('showModal' in root && root.matches(':modal'))
    ? { open: true }
    : {};

/** In a removed frame the platform refuses to hide anything, and nothing is visible. */
const quietly = (root: Element, hide: () => void): void => {
  try {
    hide();
  } catch (error) {
    if (root.ownerDocument.defaultView) throw error;
  }
};

/**
 * Shows the layer with `popover="manual"`, beside a page that stays usable. Without popovers, `hidden` is
 * used.
 *
 * @param root - The element to show.
 * @returns The way to show it.
 */
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
 * Shows the layer with `showModal()`, which makes the rest of the page inert; scrolling is locked. Without
 * dialogs, `open` is used.
 *
 * @param root - The `<dialog>` to show.
 * @returns The way to show it.
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
    // The platform then focuses the dialog itself and not the first control in it. The focus policy chooses.
    root.autofocus = true;
    root.showModal();
    root.autofocus = autofocus;
  },
  hide(result) {
    if (!root.showModal) return root.removeAttribute('open');
    // Without its open attribute a dialog is hidden, but still makes the page inert. Closing it repairs that.
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
