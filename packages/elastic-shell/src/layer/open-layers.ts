// Open layers: which there are in each document, in the order in which they opened, and what each belongs to.
//
// What dismisses them is in `dismissal.ts`; what becomes of one that is moved or taken away, in `moved.ts`.
import { dismissedBy, type Layer } from '../core/layers/stack.js';
import type { Reason } from '../core/change.js';
import { pageWide } from '../core/page-record.js';
import { focusedFrom, holds } from '../engine/flat.js';
import type { Place } from '../focus/place.js';

/** A layer while it is open. */
export interface OpenLayer extends Layer<HTMLElement> {
  /** Asks the layer to close; it may refuse. */
  dismiss(reason: Reason, event?: Event): void;
  /** What becomes of it when a modal layer opens from a control in it. Default: `keep`. */
  behind?: 'close' | 'keep';
  /** Specifies where focus moves when it closes. */
  place?: Place | undefined;
  /** Foreign modal dialogs that were open before it. */
  below?: readonly Element[];
  /** The number of the last click when it opened. */
  press?: number;
  /** What counts as inside although it stands elsewhere: its openers. */
  owners?(): Element[];
  /** Tab was pressed in it, or on one of its owners; for a modal layer, anywhere. */
  tab?(event: KeyboardEvent): void;
  /** A form with method=dialog in it was sent. */
  submitted?(event: SubmitEvent): void;
  /** The platform says that it closed. */
  reread?(): void;
  /** Focus has left a modal layer for nowhere. */
  holdFocus?(from: Element): void;
  /** It has left the document it was opened in. */
  gone?(): void;
  /** Whether the top layer shows it. Default: it does. */
  isShown?(): boolean;
  /** Has it shown again, above all others. */
  lift?(): void;
  /** Something in it has come or gone. */
  changed?(): void;
}

/**
 * The open layers of all copies of the library on this page, by element and by the document in which they were opened. An
 * element may move to another document while it is open.
 */
const { byElement, byDocument, opened } = pageWide('layers', () => ({
  byElement: new Map<unknown, OpenLayer>(),
  byDocument: new WeakMap<Document, OpenLayer[]>(),
  opened: new WeakMap<OpenLayer, Document>(),
}));

/** The layers that this copy of the library opened. */
const own = new WeakSet<OpenLayer>();

/** The layers that are open in a document, as they are now. */
export const layersOf = (document: Document): OpenLayer[] => byDocument.get(document)?.slice() ?? [];

/** The open layer that an element is, if it is one. */
export const layerOf = (id: unknown): OpenLayer | undefined => byElement.get(id);

/** Counts `layer` as open; returns what ends that. */
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

/** It was taken out of the document a moment ago, and is about to close. */
const isLeaving = ({ id, gone }: OpenLayer): boolean => !!gone && !id.isConnected;

/** By id, where focus would have gone back to from layers that were taken out of the document a moment ago. */
const left = new Map<string, Place>();

/** A layer has been taken out of the document: one with its id may be rendered in its place. */
export function leavePlace({ id }: Element, place: Place | undefined): void {
  if (!id || !place) return;
  left.set(id, place);
  setTimeout(() => left.get(id) === place && left.delete(id), 1000);
}

/** Returns where focus would have gone back to from the layer that `root` was rendered in the place of. */
export const placeLeftTo = (root: HTMLElement): Place | undefined =>
  layersOf(root.ownerDocument).findLast((layer) => root.id && layer.id.id === root.id && isLeaving(layer))
    ?.place ?? left.get(root.id);

/**
 * Returns the parent of a layer that `control` opens: the layer around the control. Without a control it is the topmost layer,
 * if this copy of the library opened that.
 */
export const parentOf = (control: Element | null | undefined, document: Document): OpenLayer | undefined => {
  const open = layersOf(document).filter((layer) => !isLeaving(layer));
  if (control) return open.findLast(({ id }) => holds(id, control));
  const top = open.at(-1);
  return top && own.has(top) ? top : undefined;
};

/**
 * Whether a modal layer that `opener` opened closes together with `around`, above which it stands. It doesn't if that steps aside, nor
 * if code opened it while a popover happened to be open elsewhere.
 */
const takesAlong = ({ behind, modal, id }: OpenLayer, opener: Element | undefined): boolean =>
  behind !== 'close' && !!(opener || modal || holds(id, focusedFrom(id)));

/** Returns the layer with which a modal layer closes that `opener` opened: `around`, or the first around that which holds it. */
export function holderOf(around: OpenLayer | undefined, opener: Element | undefined): OpenLayer | undefined {
  let at = around;
  while (at && !takesAlong(at, opener)) at = layerOf(at.parent);
  return at;
}

/** Whether a layer is open. */
export const isOpenLayer = (id: HTMLElement): boolean => !!layerOf(id);

/** Returns whether an element is inside an open layer. */
export const isInLayer = (element: Element): boolean =>
  layersOf(element.ownerDocument).some(({ id }) => id !== element && holds(id, element));

/** A modal layer has opened from `layer`, which closes if it is told to. */
export const stepAside = (layer: OpenLayer | undefined): void => {
  if (layer?.behind === 'close') layer.dismiss('focus-left');
};

/** The layers of the document that one was opened in. */
const around = (id: HTMLElement): OpenLayer[] => {
  const layer = layerOf(id);
  return layersOf((layer && opened.get(layer)) ?? id.ownerDocument);
};

/** What has to close before `id` does: the layers opened from it, innermost first. */
export const childrenOf = (id: HTMLElement): OpenLayer[] =>
  dismissedBy(around(id), { kind: 'close', id }).close.flatMap((child) => {
    const layer = child === id ? undefined : layerOf(child);
    return layer ? [layer] : [];
  });

/** The element that holds what can be reached now: the topmost modal layer, else the body. */
export const reachable = (document: Document): HTMLElement =>
  layersOf(document).findLast((layer) => layer.modal)?.id ?? document.body;
