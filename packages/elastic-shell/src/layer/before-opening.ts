// Before a layer opens: whether the platform can show it, what it will stand beside, and where focus will go back to.
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

/** Whether the platform can show it. A document in which nothing is laid out shows what is detached as well as anything else. */
const canShow = <A>({ host, rules }: Held<A>): boolean =>
  host.root.isConnected || !rules.showing.needsDocument;

/**
 * Opens what is open at first: at once, or once its root is in the document, where a framework may put it later. Closed or unwired
 * before, it isn't opened.
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

/** True when the platform can show it; else it is closed again: it has gone, or was never there, which is an error. */
export function isThere<A>(held: Held<A>): boolean {
  const { host } = held;
  if (canShow(held)) return true;
  close(held, 'removed', true);
  if (held.wasThere) return false;
  throw new TypeError(
    `elastic-shell: ${described(host.root)} is not in the document; append it before opening it`,
  );
}

/** What it will stand beside; closed again where there is nothing. */
export function findAnchor<A>(held: Held<A>, opener: Element | undefined): A | undefined {
  try {
    return held.rules.position?.find(opener);
  } catch (error) {
    close(held, 'program', true);
    throw error;
  }
}

/** The control that opens it by its own command: of several one that shows. */
export function ownOpener({ root, commands }: LayerHost): HTMLElement | undefined {
  const openers = invokersOf(root).filter(
    (control) => intentOf(commands, control.getAttribute('command')) !== 'close',
  );
  return openers.find(canFocus) ?? openers[0];
}

/** Notes where focus will go back to. */
export function takePlace<A>(held: Held<A>, own: Element | undefined, around: OpenLayer | undefined): void {
  const { host, rules } = held;
  const active = focusedFrom(host.root);
  // An item of a menu that closed behind its own press is no place to go back to; where focus went is. Nor is anything
  // inside, where the platform has opened it before it was wired, nor the body: a framework has hidden it with its opener, and shows
  // both again.
  const from = held.opener ?? pressedNow(held.document) ?? active;
  const isPlace = from && from !== held.document.body && !holds(host.root, from);
  const inner = isPlace ? from : (own ?? (from === held.document.body ? from : null));
  const outer = (): Place | undefined => (around && !isOpenLayer(around.id) ? around.place : undefined);
  // Rendered again while it was open, it goes back to where the one before it would have.
  held.place = (inner ? undefined : placeLeftTo(host.root)) ?? rules.focus?.place(inner, outer, active);
}
