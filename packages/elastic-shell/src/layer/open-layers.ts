// The open layers of each document, in the order in which they opened, with the parent of each.
// `dismissal.ts` decides what closes them. `moved.ts` handles those that are moved or removed.
import { dismissedBy, type Layer } from '../core/layers/stack.js';
import type { Reason } from '../core/change.js';
import { pageWide } from '../core/page-record.js';
import { focusedFrom, holds } from '../engine/flat.js';
import type { Place } from '../focus/place.js';

/** The record of an open layer. */
export interface OpenLayer extends Layer<HTMLElement> {
  /** Asks the layer to close. It may refuse. */
  dismiss(reason: Reason, event?: Event): void;
  /** What happens to it when a modal layer opens from a control in it. Default: `keep`. */
  behind?: 'close' | 'keep';
  /** Specifies where focus moves when it closes. */
  place?: Place | undefined;
  /** Foreign modal dialogs that were open before it. */
  below?: readonly Element[];
  /** The number of the last click when it opened. */
  press?: number;
  /** Elements elsewhere that count as inside: its openers. */
  owners?(): Element[];
  /** Handles Tab pressed in it or on one of its owners. For a modal layer, Tab pressed anywhere. */
  tab?(event: KeyboardEvent): void;
  /** Handles a submitted form with method=dialog inside it. */
  submitted?(event: SubmitEvent): void;
  /** Handles a closing by the platform. */
  reread?(): void;
  /** Handles focus that has left a modal layer without a new target. */
  holdFocus?(from: Element): void;
  /** Handles its removal from the document in which it opened. */
  gone?(): void;
  /** Returns whether the top layer shows it. Default: true. */
  isShown?(): boolean;
  /** Shows it again, above all others. */
  lift?(): void;
  /** Handles nodes that were added or removed inside it. */
  changed?(): void;
}

/**
 * The open layers of all copies of the library on this page, by element and by the document in which they
 * were opened. An element may move to another document while it is open.
 */
const { byElement, byDocument, opened } = pageWide('layers', () => ({
  byElement: new Map<unknown, OpenLayer>(),
  byDocument: new WeakMap<Document, OpenLayer[]>(),
  opened: new WeakMap<OpenLayer, Document>(),
}));

/** The layers that this copy of the library opened. */
const own = new WeakSet<OpenLayer>();

/** Returns the layers that are open in a document now. */
export const layersOf = (document: Document): OpenLayer[] => byDocument.get(document)?.slice() ?? [];

/** Returns the open layer whose root is an element, if there is one. */
export const layerOf = (id: unknown): OpenLayer | undefined => byElement.get(id);

/** Adds a layer to the open ones. Returns a function that removes it. */
export function enterLayer(layer: OpenLayer): () => void {
  const document = layer.id.ownerDocument;
  const all = byDocument.get(document) ?? [];
  byDocument.set(document, all);
  all.push(layer);
  byElement.set(layer.id, layer);
  opened.set(layer, document);
  own.add(layer);
  return () => {
    const at = all.lastIndexOf(layer);
    if (at >= 0) all.splice(at, 1);
    if (layerOf(layer.id) === layer) byElement.delete(layer.id);
  };
}

/** Marks a layer that was just removed from the document, and is about to close. */
const isLeaving = ({ id, gone }: OpenLayer): boolean => !!gone && !id.isConnected;

/** For layers that were just removed from the document: where focus would have returned to, by id. */
const left = new Map<string, Place>();

/**
 * Records the removal of a layer from the document. A layer with the same id may be rendered in its place.
 */
export function leavePlace({ id }: Element, place: Place | undefined): void {
  if (!id || !place) return;
  left.set(id, place);
  setTimeout(() => left.get(id) === place && left.delete(id), 1000);
}

/** Returns where focus would have returned to from the layer that `root` replaces. */
export const placeLeftTo = (root: HTMLElement): Place | undefined =>
  layersOf(root.ownerDocument).findLast((layer) => root.id && layer.id.id === root.id && isLeaving(layer))
    ?.place ?? left.get(root.id);

/**
 * Returns the parent of a layer that `control` opens: the layer around the control. Without a control it is
 * the topmost layer, if this copy of the library opened that.
 */
export const parentOf = (control: Element | null | undefined, document: Document): OpenLayer | undefined => {
  const open = layersOf(document).filter((layer) => !isLeaving(layer));
  if (control) return open.findLast(({ id }) => holds(id, control));
  const top = open.at(-1);
  return top && own.has(top) ? top : undefined;
};

/**
 * Returns whether a modal layer that `opener` opened closes together with `around`, the layer below it. It
 * doesn't if `around` closes when it opens, nor if code opened it while a popover happened to be open
 * elsewhere.
 */
const takesAlong = ({ behind, modal, id }: OpenLayer, opener: Element | undefined): boolean =>
  behind !== 'close' && !!(opener || modal || holds(id, focusedFrom(id)));

/**
 * Returns the layer with which a modal layer closes that `opener` opened: `around`, or the first layer around
 * that which keeps it.
 */
export function holderOf(around: OpenLayer | undefined, opener: Element | undefined): OpenLayer | undefined {
  let at = around;
  while (at && !takesAlong(at, opener)) at = layerOf(at.parent);
  return at;
}

/** Returns whether a layer is open. */
export const isOpenLayer = (id: HTMLElement): boolean => !!layerOf(id);

/** Returns whether an element is inside an open layer. */
export const isInLayer = (element: Element): boolean =>
  layersOf(element.ownerDocument).some(({ id }) => id !== element && holds(id, element));

/** A modal layer has opened from `layer`, which closes if its option says so. */
export const stepAside = (layer: OpenLayer | undefined): void => {
  if (layer?.behind === 'close') layer.dismiss('focus-left');
};

/** Returns the layers of the document in which a layer opened. */
const around = (id: HTMLElement): OpenLayer[] => {
  const layer = layerOf(id);
  return layersOf((layer && opened.get(layer)) ?? id.ownerDocument);
};

/** Returns the layers that must close before `id`: those opened from it, innermost first. */
export const childrenOf = (id: HTMLElement): OpenLayer[] =>
  dismissedBy(around(id), { kind: 'close', id }).close.flatMap((child) => {
    const layer = child === id ? undefined : layerOf(child);
    return layer ? [layer] : [];
  });

/**
 * Returns the element that contains everything the user can reach now: the topmost modal layer, or the body.
 */
export const reachable = (document: Document): HTMLElement =>
  layersOf(document).findLast((layer) => layer.modal)?.id ?? document.body;
