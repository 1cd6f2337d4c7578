// Ways to show a layer in the top layer: as a modal dialog, or as a popover beside a live page.
//
// Nothing is moved in the document: frameworks that render the element would not survive that. Where the platform lacks
// dialogs or popovers (as jsdom does) the layer is shown by an attribute, so that pages can be tested there.
import type { Attributes } from '../core/contract/contract.js';
import { windowOf } from '../engine/dom.js';
import type { Phase } from './phase.js';
import { lockScroll } from './scroll-lock.js';

/** How a layer is put into the top layer, and taken out of it. */
export interface TopLayer {
  readonly modal: boolean;
  /** `beside`: what it stands beside; where that is an HTML element, the platform may take it for its anchor. `native`: the platform shows it already. */
  show(beside: unknown, native: boolean): void;
  hide(result: string | null | undefined): void;
  /** It shows, and has focus: what it does to the page until released. */
  hold?(): () => void;
  attributes(phase: Phase): Attributes;
}

/** True while `root` is shown as a popover; where the platform has none, by its phase. */
export const isShown = (root: Element): boolean =>
  'showPopover' in root ? root.matches(':popover-open') : root.getAttribute('data-phase') === 'open';

/** Shown by `popover="manual"` beside a live page; where the platform has no popovers, by `hidden`. */
export const asPopover = (root: HTMLElement): TopLayer => ({
  modal: false,
  show(beside) {
    const { HTMLElement } = windowOf(root);
    if (!isShown(root)) root.showPopover?.(beside instanceof HTMLElement ? { source: beside } : {});
  },
  hide() {
    if (isShown(root)) root.hidePopover?.();
  },
  attributes: (phase) =>
    'showPopover' in root ? { popover: 'manual' } : { hidden: phase === 'closed' ? '' : null },
});

/**
 * Shown by `showModal()`, with the page behind inert and its scrolling locked; where the platform has none, by
 * `open`.
 */
export const asModal = (root: HTMLDialogElement): TopLayer => ({
  modal: true,
  show(_, native) {
    if (!root.showModal) return root.setAttribute('open', '');
    if (native) return;
    if (root.open) root.close();
    root.showModal();
  },
  hide(result) {
    if (!root.showModal) return root.removeAttribute('open');
    // Without its open attribute a dialog is hidden, yet still holds the page inert: closing mends it.
    if (root.isConnected && root.matches(':modal')) root.setAttribute('open', '');
    root.close(result ?? undefined);
  },
  hold: () => lockScroll(root.ownerDocument),
  attributes: () => ('showModal' in root ? {} : { 'aria-modal': 'true' }),
});
