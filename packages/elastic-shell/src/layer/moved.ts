// Layers that somebody else moves or takes away while they are open.
//
// One that has gone closes, and is told so. One that was moved has left the top layer without a word: it is shown again, below
// what was opened after it, with focus where it was.
import { treeOf } from '../engine/dom.js';
import { focusedFrom, holds } from '../engine/flat.js';
import { followNodes, type HearNodes } from '../events/nodes.js';
import { canFocus, focusOn } from '../focus/focusable.js';
import { layersOf, type OpenLayer } from './open-layers.js';

/** What last had focus in a document. It is not kept: with it the page would keep all that was removed around it. */
const lastFocused = new WeakMap<Document, WeakRef<Element>>();

let isMending = false;

/** Focus is on this element now. True when the user has moved it, and not a layer that is shown again. */
export function noteFocus(document: Document, active: Element): boolean {
  if (!isMending) lastFocused.set(document, new WeakRef(active));
  return !isMending;
}

/** Puts focus back where it was before a layer that holds it was moved. */
const refocus = (document: Document, last: Element | undefined): void => {
  if (focusedFrom(document.documentElement) !== last && last?.isConnected && canFocus(last))
    focusOn(last, { preventScroll: true });
};

/** Shows again what has left the top layer of a document, and above it what was opened later. */
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

/** Nodes have come and gone in a document that has open layers. */
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

/** By open layer: the tree in which it is followed. */
const watched = new WeakMap<OpenLayer, { tree: Node; stop: () => void }>();

/** Those that now stand in another tree are followed there. */
const rejoin = (document: Document): void => {
  for (const layer of layersOf(document)) {
    const now = watched.get(layer);
    if (!now || now.tree === treeOf(layer.id)) continue;
    now.stop();
    watched.set(layer, { tree: treeOf(layer.id), stop: followNodes(layer.id, followerOf(document)) });
  }
};

/** By document: what hears of its nodes. */
const followers = new WeakMap<Document, HearNodes>();

const followerOf = (document: Document): HearNodes => {
  const known = followers.get(document) ?? ((records) => follow(document, records));
  followers.set(document, known);
  return known;
};

/** Follows the nodes around an open layer until released, also when it is moved to another tree. */
export function followLayer(layer: OpenLayer): () => void {
  const hear = followerOf(layer.id.ownerDocument);
  watched.set(layer, { tree: treeOf(layer.id), stop: followNodes(layer.id, hear) });
  return () => {
    watched.get(layer)?.stop();
    watched.delete(layer);
  };
}
