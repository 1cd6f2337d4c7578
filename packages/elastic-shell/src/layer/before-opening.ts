// The work before a layer opens: can the platform show it, what is its anchor, and where will focus return
// to?
import { described } from '../engine/dom.js';
import { focusedFrom, holds } from '../engine/flat.js';
import { invokersOf } from '../engine/invoker-index.js';
import { intentOf } from '../engine/registry.js';
import { followNodes } from '../events/nodes.js';
import { canFocus } from '../focus/focusable.js';
import type { Place } from '../focus/place.js';
import { close, type Held } from './held.js';
import { isOpenLayer, type OpenLayer, placeLeftTo } from './open-layers.js';
import { pressedNow } from './pressed-now.js';
import type { LayerHost } from './types.js';

/**
 * Returns whether the platform can show it. A document without layout shows detached elements as well as any
 * others.
 */
const canShow = <A>({ host, rules }: Held<A>): boolean =>
  host.root.isConnected || !rules.showing.needsDocument;

/**
 * Opens a layer that is open initially: at once, or when a framework has put its root into the document. A
 * layer that was closed or unwired before that is not opened.
 */
export function openFirst<A>(held: Held<A>, open: () => void): void {
  if (canShow(held)) return open();
  const stop = followNodes(held.document.documentElement, () => {
    if (!canShow(held)) return;
    held.releases = held.releases.filter((release) => release !== stop);
    stop();
    open();
  });
  held.releases.push(stop);
}

/**
 * Returns true if the platform can show it. Otherwise closes it again: its root has left the document, or was
 * never in it, which is an error.
 */
export function isThere<A>(held: Held<A>): boolean {
  const { host } = held;
  if (canShow(held)) return true;
  close(held, 'removed', true);
  if (held.wasThere) return false;
  throw new TypeError(
    `elastic-shell: ${described(host.root)} is not in the document; append it before opening it`,
  );
}

/** Finds its anchor, and closes the layer again if there is none. */
export function findAnchor<A>(held: Held<A>, opener: Element | undefined): A | undefined {
  try {
    return held.rules.position?.find(opener);
  } catch (error) {
    close(held, 'program', true);
    throw error;
  }
}

/** Finds the control whose command opens it. If there are several, a visible one is preferred. */
export function ownOpener({ root, commands }: LayerHost): HTMLElement | undefined {
  const openers = invokersOf(root).filter(
    (control) => intentOf(commands, control.getAttribute('command')) !== 'close',
  );
  return openers.find(canFocus) ?? openers[0];
}

/** Records where focus will return to. */
export function takePlace<A>(held: Held<A>, own: Element | undefined, around: OpenLayer | undefined): void {
  const { host, rules } = held;
  const active = focusedFrom(host.root);
  // Three places are not suitable: an item of a menu that closed on the same click (focus has moved on from
  // there), anything inside the layer (the platform opened it before it was wired), and the body (a framework
  // hid the layer together with its opener, and shows both again).
  const from = held.opener ?? pressedNow(held.document) ?? active;
  const isPlace = from && from !== held.document.body && !holds(host.root, from);
  const inner = isPlace ? from : (own ?? (from === held.document.body ? from : null));
  const outer = (): Place | undefined => (around && !isOpenLayer(around.id) ? around.place : undefined);
  // If it was rendered again while open, focus returns to where the previous one would have returned it.
  held.place = (inner ? undefined : placeLeftTo(host.root)) ?? rules.focus?.place(inner, outer, active);
}
