// The layer service: opens and closes what stands above the page, with focus, phases, labels and a place to stand.
//
// In which order it opens: the phase becomes `opening`; the top layer shows it, which has the page laid out; focus goes
// in; only then is anything written that would have the page laid out again (its position, the scroll lock). It closes
// children first, lets go of the page, hides, and gives focus back once everybody has heard of it. Each step calls others, who may
// close it, unwire it or take it away: what is left of the opening is then left out.
// How it is shown, where it stands and how it treats focus are given to it; it knows no pattern.
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

/** The options that say where it stands. */
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
  /** Opened before it was wired, it may have been used already. */
  const isInUse = showing.isShown() && holds(host.root, focusedFrom(held.host.root));
  const isOn = (): boolean => !held.isOver && host.state().open && mine === held.releases;
  const afterShown = (): void => {
    // Whoever heard of it on the way may have closed it: then it may not show.
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
      // Whoever hears that it is about to show may take it away.
      if (isOn() && host.root.isConnected) throw error;
    }
  };
  phase.go(true, show, afterShown);
}

/** Keeps it in its place, as the options say now. */
function holdPosition<A>(held: Held<A>): void {
  const { rules, beside } = held;
  held.stopHolding?.();
  const lost = (): void => close(held, held.opener?.isConnected === false ? 'removed' : 'viewport', true);
  held.stopHolding = beside === undefined ? undefined : rules.position?.hold(beside, lost);
}

/** Moves focus in, and notes where it went. */
function enterFocus<A>(held: Held<A>): void {
  held.rules.focus?.enter();
  held.entered = focusedFrom(held.host.root) ?? undefined;
}

function dismiss<A>(held: Held<A>, { result, reason }: Cause): void {
  const { host, rules, document, phase } = held;
  const active = focusedFrom(host.root);
  const children = childrenOf(host.root);
  const isNowhere = !active || active === document.body;
  // What closes with its parent leaves it to that one to give focus back. Gone already, it takes focus out of no other layer.
  held.returns =
    reason !== 'parent' &&
    ((rules.focus?.returns === 'always' && !(reason === 'removed' && active && isInLayer(active))) ||
      [host.root, ...children.map(({ id }) => id)].some((root) => holds(root, active)) ||
      (isNowhere && reason !== 'hover'));
  for (const child of children) child.dismiss('parent');
  if (reason === 'removed') leavePlace(host.root, held.place);
  // What has gone until now, and what goes while everyone hears of it, decides where focus goes back to.
  flushNodes(document.documentElement);
  const { place } = held;
  // Opened and closed again before everyone had heard of the first time, it follows for one closing only.
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
    // What holds in every phase is styled by this: a rule for all that is in a layer, by its phase, would restyle all of it at each.
    'data-layer': '',
    inert: now === 'closing' ? '' : null,
  };
  return labels?.parts(own) ?? [[host.root, own]];
};

/** It is unwired, perhaps while it is open or before focus has gone back, and perhaps after it was taken away. */
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

/** Opens and closes `host` as its state says. */
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
      // Where nobody has moved focus since, what has come at once counts as having been there.
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
