// The layer service: opens and closes what is shown above the page, with focus, phases, labels and position.
// Opening goes in this order: the phase becomes `opening`; the element moves to the top layer, which makes
// the browser lay out the page; focus moves inside; only then follow the writes that would make the browser
// lay out the page again (the position, the scroll lock). Closing first closes the children, then releases
// the page, hides the element, and returns focus when all listeners have been called. Each step calls code
// that may close, unwire or remove the layer; the remaining steps are then skipped. How it is shown, where it
// stands and how it treats focus come from the rules, so the service depends on no pattern.
import type { Attributes } from '../core/contract/contract.js';
import type { Openable } from '../core/contract/openable.js';
import { focusedFrom, holds } from '../engine/flat.js';
import type { Service } from '../engine/service.js';
import type { Cause, ChangeOf } from '../engine/types.js';
import { flushNodes, followNodes } from '../events/nodes.js';
import { giveBack } from './after-closing.js';
import { openLayerOf } from './as-open-layer.js';
import { findAnchor, isThere, openFirst, ownOpener, takePlace } from './before-opening.js';
import { openLayer } from './dismissal.js';
import { close, type Held } from './held.js';
import { mendLayers } from './moved.js';
import { watchOpen } from './open-attribute.js';
import { childrenOf, isInLayer, leavePlace, parentOf, stepAside } from './open-layers.js';
import { phases } from './phase.js';
import { pressedNow } from './pressed-now.js';
import { returnValueOf } from './top-layer.js';
import type { LayerHost, LayerRules } from './types.js';

/** The options that determine its position. */
const placing = ['area', 'gap', 'edgeGap', 'fallbacks', 'fit', 'anchor'];

function present<A>(held: Held<A>, { source }: Cause): void {
  const { host, rules, phase } = held;
  if (!held.isStarted || held.isOver) return;
  const { showing } = rules;
  held.document = host.root.ownerDocument;
  held.stopLingering?.();
  if (!isThere(held)) return;
  held.wasThere = true;
  const own = ownOpener(host);
  held.opener = source ?? (showing.modal ? undefined : (own ?? pressedNow(held.document)));
  held.beside = findAnchor(held, source ?? own ?? held.opener);
  const around = parentOf(held.opener, held.document);
  takePlace(held, own, around);
  const mine = (held.releases = [openLayer(openLayerOf(held, around))]);
  /** If it was opened before it was wired, the user may have interacted with it already. */
  const isInUse = showing.isShown() && holds(host.root, focusedFrom(held.host.root));
  const isOn = (): boolean => !held.isOver && host.state().open && mine === held.releases;
  const afterShown = (): void => {
    // A listener may have closed it on the way; then it is not shown.
    if (!isOn()) {
      if (held.isOver || !host.state().open) showing.hide(null);
      return;
    }
    try {
      if (!isInUse) enterFocus(held);
    } finally {
      if (isOn()) holdPosition(held);
      mine.push(() => held.stopHolding?.());
      if (isOn() && showing.hold) mine.push(showing.hold());
      if (isOn() && showing.modal) stepAside(around);
    }
  };
  const show = (): void => {
    try {
      showing.show(held.beside);
    } catch (error) {
      // A listener for the start of opening may remove it.
      if (isOn() && host.root.isConnected) throw error;
    }
  };
  phase.go(true, show, afterShown);
}

/** Positions it by the current options, and keeps it positioned. */
function holdPosition<A>(held: Held<A>): void {
  const { rules, beside } = held;
  held.stopHolding?.();
  const lost = (): void => close(held, held.opener?.isConnected === false ? 'removed' : 'viewport', true);
  held.stopHolding = beside === undefined ? undefined : rules.position?.hold(beside, lost);
}

/** Moves focus inside, and records where it went. */
function enterFocus<A>(held: Held<A>): void {
  held.rules.focus?.enter();
  held.entered = focusedFrom(held.host.root) ?? undefined;
}

function dismiss<A>(held: Held<A>, { result, reason }: Cause): void {
  const { host, rules, document, phase } = held;
  const active = focusedFrom(host.root);
  const children = childrenOf(host.root);
  const isNowhere = !active || active === document.body;
  // A layer that closes with its parent leaves it to the parent to return focus. A layer that has left the
  // document takes focus from no other layer.
  held.returns =
    reason !== 'parent' &&
    ((rules.focus?.returns === 'always' && !(reason === 'removed' && active && isInLayer(active))) ||
      [host.root, ...children.map(({ id }) => id)].some((root) => holds(root, active)) ||
      (isNowhere && reason !== 'hover'));
  for (const child of children) child.dismiss('parent');
  if (reason === 'removed') leavePlace(host.root, held.place);
  // Both the nodes removed until now and those removed while listeners run decide where focus returns to.
  flushNodes(document.documentElement);
  const { place } = held;
  // If it opens and closes again before all listeners have been called for the first change, it follows one
  // closing only.
  held.stopFollowing?.();
  held.stopFollowing = followNodes(document.documentElement, (records) => place?.follow(records));
  held.releases.splice(0).forEach((release) => release());
  rules.labels?.forget();
  phase.go(false, () => rules.showing.hide(result));
}

const partsOf = <A>({ host, rules, phase }: Held<A>): Iterable<readonly [Element, Attributes]> => {
  const { showing, position, labels } = rules;
  const now = phase.now();
  const own: Attributes = {
    ...showing.attributes(now),
    ...position?.attributes(now),
    ...(host.options.escape === 'keep' && showing.modal && { closedby: 'none' }),
    'data-phase': now,
    // Styles that apply in every phase select this attribute. A rule for everything in a layer by phase would
    // restyle all of it at each phase.
    'data-layer': '',
    inert: now === 'closing' ? '' : null,
  };
  return labels?.parts(own) ?? [[host.root, own]];
};

/**
 * It is unwired: perhaps while open, perhaps before focus has returned, perhaps after its root was removed.
 */
function release<A>(held: Held<A>, stopWatching: () => void): void {
  const { rules, document, stopLingering } = held;
  stopWatching();
  held.isOver = true;
  flushNodes(document.documentElement);
  held.returns &&= !!(stopLingering ?? held.stopFollowing);
  held.stopLingering?.();
  if (held.releases.length) dismiss(held, { reason: 'program' });
  rules.position?.forget();
  giveBack(held, true);
  rules.ended?.(null);
}

/**
 * Opens and closes the layer of `host` whenever its state changes.
 *
 * @param host - The running pattern, or a part of one.
 * @param rules - How it is shown and positioned, and how it treats focus.
 * @returns The service, for the pattern to run.
 */
export function layer<A = unknown>(host: LayerHost, rules: LayerRules<A>): Service<Openable> {
  const { root } = host;
  const { showing, ended } = rules;
  const held: Held<A> = {
    host,
    rules,
    document: root.ownerDocument,
    phase: phases(root, host),
    releases: [],
    beside: undefined,
    place: undefined,
    opener: undefined,
    returns: false,
    entered: undefined,
    stopHolding: undefined,
    stopFollowing: undefined,
    stopLingering: undefined,
    wasThere: root.isConnected,
    isStarted: false,
    isOver: false,
  };
  const stopWatching = watchOpen(held);
  return {
    start() {
      held.isStarted = true;
      if (host.state().open && !held.releases.length)
        openFirst(held, () => present(held, { reason: 'program' }));
    },
    parts: () => partsOf(held),
    read: () => ({ open: showing.isOpen() }),
    refused() {
      if (!host.state().open) ended?.(null);
      return false;
    },
    show: (change: ChangeOf<Openable>) => (change.value ? present(held, change) : dismiss(held, change)),
    settle(change) {
      if (change.value) return;
      giveBack(held, false);
      const isNative = showing.modal && change.reason === 'native';
      ended?.(change.result ?? (isNative ? returnValueOf(root) : null));
    },
    filled(isSoon) {
      const active = focusedFrom(held.host.root);
      const isFree = active === held.document.body || active === held.opener;
      const isStop = active && 'tabIndex' in active && Number(active.tabIndex) >= 0;
      // If focus has not moved since, elements that were inserted at once count as having been there.
      const isUnmoved = !isStop || (isSoon && active === held.entered);
      if (isFree || (holds(root, active) && isUnmoved)) enterFocus(held);
    },
    restored: () => mendLayers(held.document),
    inside: host.render,
    isAtRest: () => !held.releases.length,
    update(names) {
      if (!held.releases.length || !placing.some((name) => names.has(name))) return;
      if (names.has('anchor')) held.beside = findAnchor(held, held.opener);
      if (held.releases.length) holdPosition(held);
    },
    release: () => release(held, stopWatching),
  };
}
