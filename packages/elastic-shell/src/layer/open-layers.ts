// Open layers of a document: turns Escape, the back gesture, presses and moved focus into what the core's layer stack dismisses.
//
// A press is judged by where it began and where it ended: only when both were outside a layer does it count, so that a text
// selection that ends outside, a drag and a scrollbar close nothing. Focus that moves because of a press says nothing; what
// the press does is decided when it ends. Escape is taken from keydown, since `cancel` can be refused only once; what a
// widget inside (a select, a date field) may use itself is left to it the first time.
// Listeners are on the document while a layer is open in it, and on its window, for focus that goes into a frame.
import { dismissedBy, type Layer, type LayerCause } from '../core/layers/stack.js';
import type { Reason } from '../core/change.js';
import { tell } from '../core/report.js';
import { targetOf, windowOf } from '../engine/dom.js';
import { type Handlers, listen } from '../events/listen.js';
import type { Place } from '../focus/focusable.js';
import { isOnBackdrop, isOnScrollbar } from './press-place.js';

/** A layer while it is open. */
export interface OpenLayer extends Layer<HTMLElement> {
  /** Asks the layer to close; it may refuse. */
  dismiss(reason: Reason, event?: Event): void;
  /** What becomes of it when a modal layer opens from a control in it. Default: `keep`. */
  behind?: 'close' | 'keep';
  /** Where focus goes when it closes. */
  place?: Place | undefined;
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
}

let layers: OpenLayer[] = [];
/** The layers that the press now going on began in; undefined while no press is. */
let pressedIn: HTMLElement[] | undefined;
/** The last key pressed, and on what, until something else happens. */
let lastKey: string | undefined;
let lastTarget: EventTarget | null;

const of = (document: Document): OpenLayer[] => layers.filter((layer) => layer.id.ownerDocument === document);
const layerOf = (id: unknown): OpenLayer | undefined => layers.find((layer) => layer.id === id);

const isMouse = (event: Event): event is MouseEvent => 'clientX' in event;

/** The layers that an event happened in, or on an opener of. */
const insideOf = (event: Event): HTMLElement[] => {
  const path = event.composedPath();
  const holds = ({ id, owners }: OpenLayer): boolean =>
    path.includes(id)
      ? !(isMouse(event) && isOnBackdrop(event, id))
      : !!owners?.().some((owner) => path.includes(owner));
  return layers.filter(holds).map((layer) => layer.id);
};

const dismiss = (
  document: Document,
  cause: LayerCause<HTMLElement>,
  reason: Reason,
  event: Event,
): boolean => {
  const { close, absorb } = dismissedBy(of(document), cause);
  for (const id of close) {
    layerOf(id)?.dismiss(reason, event);
    if (layerOf(id)) break;
  }
  return absorb;
};

/**
 * Where the browser itself may use the key (a list, a picker, a search text) it is left alone: what a
 * modal dialog's widget does not use comes back as `cancel`, and pressed twice in a row it is ours.
 */
const usesEscape = (target: Element | undefined): boolean => {
  if (!target?.matches('select,input')) return false;
  if (
    target.matches(
      'select,[type=date],[type=time],[type=month],[type=week],[type=datetime-local],[type=color]',
    )
  )
    try {
      return target.matches(':open');
    } catch {
      return true;
    }
  const { list, type, value }: Partial<HTMLInputElement> = target;
  return !!list || (type === 'search' && !!value);
};

/** Swallows what is left of this press: the browser sends it to whatever lies where the layer was. */
const absorbRest = (document: Document): void => {
  const swallow = (event: Event): void => {
    event.preventDefault();
    event.stopPropagation();
    if (event.type === 'click') release();
  };
  const types = ['mousedown', 'click', 'pointerdown', 'keydown'] as const;
  const release = listen(
    document,
    { mousedown: swallow, click: swallow, pointerdown: () => release(), keydown: () => release() },
    types,
  );
};

const tab = (event: KeyboardEvent, open: OpenLayer[], modal: OpenLayer | undefined): void => {
  const inside = insideOf(event);
  open.findLast((layer) => layer !== modal && inside.includes(layer.id))?.tab?.(event);
  if (!event.defaultPrevented) modal?.tab?.(event);
};

/** What is heard of a document while layers are open in it. */
const handlersIn = (document: Document): Handlers => ({
  keydown(event) {
    const open = of(document);
    const modal = open.findLast((layer) => layer.modal);
    if (event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey) return;
    const again = lastKey === event.key && lastTarget === event.target;
    lastKey = event.key;
    lastTarget = event.target;
    if (event.key === 'Tab') tab(event, open, modal);
    if (event.key !== 'Escape') return;
    // An input method uses Escape for itself; a native dialog would close on it all the same.
    if (event.isComposing) return event.preventDefault();
    if (!again && usesEscape(targetOf(event))) return;
    if (modal) event.preventDefault();
    dismiss(document, { kind: 'escape' }, 'escape', event);
  },
  /** The back gesture, and what a widget left of an Escape. */
  cancel(event) {
    if (!layerOf(event.target)) return;
    event.preventDefault();
    dismiss(document, { kind: 'escape' }, 'escape', event);
  },
  close: (event) => layerOf(event.target)?.reread?.(),
  submit(event) {
    const form = targetOf(event);
    if (form?.matches('[method=dialog i]') && !event.defaultPrevented)
      layerOf(form.closest('dialog'))?.submitted?.(event);
  },
  focusin(event) {
    lastKey = undefined;
    // Focus that moves because of a press says nothing: what the press does is decided when it ends.
    if (!pressedIn) dismiss(document, { kind: 'focus-left', inside: insideOf(event) }, 'focus-left', event);
  },
  focusout(event) {
    const target = targetOf(event);
    const layer = of(document).at(-1);
    if (!target || event.relatedTarget || !layer?.modal || !layer.id.contains(target)) return;
    queueMicrotask(() => {
      if (document.activeElement === document.body && layerOf(layer.id)) layer.holdFocus?.(target);
    });
  },
  pointerdown(event) {
    lastKey = undefined;
    pressedIn = event.button || isOnScrollbar(event) ? undefined : insideOf(event);
  },
  pointercancel() {
    pressedIn = undefined;
  },
  pointerup(event) {
    const inside = pressedIn && [...pressedIn, ...insideOf(event)];
    pressedIn = undefined;
    if (inside && dismiss(document, { kind: 'outside', inside }, 'outside', event)) absorbRest(document);
  },
});

/** Focus has gone into a frame: by a press, of which nothing else is heard here, or by Tab. */
const onWindowBlur = (event: Event, document: Document): void => {
  const frame = document.activeElement;
  if (frame?.localName !== 'iframe') return;
  const inside = layers.filter(({ id }) => id.contains(frame)).map(({ id }) => id);
  const kind = lastKey === 'Tab' ? 'focus-left' : 'outside';
  dismiss(document, { kind, inside }, kind, event);
};

/** By document: what releases its listeners. */
const heard = new Map<Document, () => void>();

const hear = (document: Document): (() => void) => {
  const releases = [
    listen(document, handlersIn(document), [
      'cancel',
      'close',
      'focusin',
      'focusout',
      'pointerdown',
      'pointercancel',
      'pointerup',
    ]),
    // A control's own blur is heard by the document; only the window's tells of frames.
    listen(windowOf(document), {
      blur: (event) => event.target === event.currentTarget && onWindowBlur(event, document),
    }),
  ];
  return () => releases.forEach((release) => release());
};

/** Counts `layer` as open until released. Escape, back gesture, presses and Tab are heard meanwhile. */
export function openLayer(layer: OpenLayer): () => void {
  const document = layer.id.ownerDocument;
  const modal = reachable(document);
  if (!layer.modal && !modal.contains(layer.id)) tell('layer-inert', layer.id, { modal });
  layers.push(layer);
  if (!heard.has(document)) heard.set(document, hear(document));
  return () => {
    layers = layers.filter((other) => other !== layer);
    if (of(document).length) return;
    heard.get(document)?.();
    heard.delete(document);
  };
}

/** The layer that what is opened by `control` belongs to: the one it stands in; without a control the topmost. */
export const parentOf = (control: Element | null | undefined, document: Document): OpenLayer | undefined => {
  const open = of(document);
  return control ? open.findLast(({ id }) => id.contains(control)) : open.at(-1);
};

/** Whether a layer is open. */
export const isOpenLayer = (id: HTMLElement): boolean => !!layerOf(id);

/** A modal layer has opened from `layer`, which closes if it is told to. */
export const stepAside = (layer: OpenLayer | undefined): void => {
  if (layer?.behind === 'close') layer.dismiss('focus-left');
};

/** What has to close before `id` does: the layers opened from it, innermost first. */
export const childrenOf = (id: HTMLElement): OpenLayer[] =>
  dismissedBy(of(id.ownerDocument), { kind: 'close', id }).close.flatMap((child) => {
    const layer = child === id ? undefined : layerOf(child);
    return layer ? [layer] : [];
  });

/** The element that holds what can be reached now: the topmost modal layer, else the body. */
export const reachable = (document: Document): HTMLElement =>
  of(document).findLast((layer) => layer.modal)?.id ?? document.body;
