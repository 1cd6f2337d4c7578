// Layers that other code moves or removes while they are open. A removed layer closes, and its pattern is
// notified. A moved layer has left the top layer without any event: it is shown again below the layers that
// opened after it, and focus returns to where it was.
import { treeOf } from '../engine/dom.js';
import { focusedFrom, holds } from '../engine/flat.js';
import { followNodes, type HearNodes } from '../events/nodes.js';
import { canFocus, focusOn } from '../focus/focusable.js';
import { layersOf, type OpenLayer } from './open-layers.js';

/**
 * The element that last had focus in a document. A weak reference, because it would keep a removed part of
 * the page in memory.
 */
const lastFocused = new WeakMap<Document, WeakRef<Element>>();

let isMending = false;

/**
 * Records the focused element. Returns true if the user moved focus, and false if a layer was shown again.
 */
export function noteFocus(document: Document, active: Element): boolean {
  if (!isMending) lastFocused.set(document, new WeakRef(active));
  return !isMending;
}

/** Returns focus to where it was before a layer that contains it was moved. */
const refocus = (document: Document, last: Element | undefined): void => {
  if (focusedFrom(document.documentElement) !== last && last?.isConnected && canFocus(last))
    focusOn(last, { preventScroll: true });
};

/** Shows the layers again that have left the top layer of a document, and those that opened after them. */
export function mendLayers(document: Document): void {
  const open = layersOf(document);
  const at = open.findIndex((layer) => layer.isShown?.() === false);
  if (at < 0) return;
  isMending = true;
  try {
    for (const layer of open.slice(at)) layer.lift?.();
    refocus(document, lastFocused.get(document)?.deref());
  } finally {
    isMending = false;
  }
}

/** Handles nodes that were added or removed in a document with open layers. */
const follow = (document: Document, records: MutationRecord[]): void => {
  for (const { place } of layersOf(document)) place?.follow(records);
  const isGone = ({ id }: OpenLayer): boolean => !id.isConnected || id.ownerDocument !== document;
  for (const layer of layersOf(document).reverse()) if (isGone(layer)) layer.gone?.();
  mendLayers(document);
  rejoin(document);
  const targets = [...new Set(records.map(({ target }) => target))];
  for (const layer of layersOf(document))
    if (targets.some((target) => holds(layer.id, target))) layer.changed?.();
  const { activeElement } = document;
  if (activeElement && activeElement !== document.body) return;
  layersOf(document)
    .findLast(({ modal }) => modal)
    ?.holdFocus?.(lastFocused.get(document)?.deref() ?? document.body);
};

/** The tree in which each open layer is followed. */
const watched = new WeakMap<OpenLayer, { tree: Node; stop: () => void }>();

/** Follows layers in their new tree if they were moved to another one. */
const rejoin = (document: Document): void => {
  for (const layer of layersOf(document)) {
    const now = watched.get(layer);
    if (!now || now.tree === treeOf(layer.id)) continue;
    now.stop();
    watched.set(layer, { tree: treeOf(layer.id), stop: followNodes(layer.id, followerOf(document)) });
  }
};

/** The observer of each document. */
const followers = new WeakMap<Document, HearNodes>();

const followerOf = (document: Document): HearNodes => {
  const known = followers.get(document) ?? ((records) => follow(document, records));
  followers.set(document, known);
  return known;
};

/** Follows the nodes around an open layer until released, also if it moves to another tree. */
export function followLayer(layer: OpenLayer): () => void {
  const hear = followerOf(layer.id.ownerDocument);
  watched.set(layer, { tree: treeOf(layer.id), stop: followNodes(layer.id, hear) });
  return () => {
    watched.get(layer)?.stop();
    watched.delete(layer);
  };
}
