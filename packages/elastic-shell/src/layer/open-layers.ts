// Open layers of a document: turns Escape, the back gesture and presses into what the layer tree dismisses.
import { dismissedBy, type Layer, type LayerCause } from '../core/layers/stack.js';
import type { Reason } from '../core/change.js';
import { tell } from '../core/report.js';
import type { Place } from '../focus/focusable.js';

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
let pressedIn: HTMLElement[] | undefined;
/** The last key pressed, and on what, until something else happens. */
let lastKey: string | undefined;
let lastTarget: EventTarget | null;

const of = (document: Document): OpenLayer[] => layers.filter((layer) => layer.id.ownerDocument === document);
const layerOf = (id: unknown): OpenLayer | undefined => layers.find((layer) => layer.id === id);

const isWithin = ({ clientX, clientY }: MouseEvent, element: Element): boolean => {
  const { left, right, top, bottom } = element.getBoundingClientRect();
  return clientX >= left && clientX <= right && clientY >= top && clientY <= bottom;
};

/** A backdrop reports its element as the target: only the rectangle tells them apart. */
const isOnBackdrop = (event: MouseEvent, id: Element): boolean =>
  event.target === id && event.clientX !== undefined && id.clientWidth > 0 && !isWithin(event, id);

const isOnScrollbar = (event: MouseEvent): boolean => {
  const target = event.target as Element;
  const { clientWidth, clientHeight, localName } = target;
  if (localName === 'html')
    return clientWidth > 0 && (event.clientX >= clientWidth || event.clientY >= clientHeight);
  const { offsetX, offsetY } = event;
  return (
    clientWidth > 0 &&
    isWithin(event, target) &&
    (offsetX < 0 || offsetX > clientWidth || offsetY > clientHeight)
  );
};

const insideOf = (event: Event): HTMLElement[] => {
  const path = event.composedPath();
  const holds = ({ id, owners }: OpenLayer): boolean =>
    path.includes(id)
      ? !isOnBackdrop(event as MouseEvent, id)
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
const usesEscape = (target: HTMLInputElement): boolean => {
  const { type, value, list } = target;
  if (/^(select|date|time|month|week|color)/.test(type))
    try {
      return target.matches(':open');
    } catch {
      return true;
    }
  return !!list || (type === 'search' && !!value);
};

/** Swallows what is left of this press: the browser sends it to whatever lies where the layer was. */
const absorbRest = (document: Document): void => {
  const stop = new AbortController();
  const hearOnce = (types: string[], act: (event: Event) => void): void =>
    types.forEach((type) => document.addEventListener(type, act, { capture: true, signal: stop.signal }));
  hearOnce(['mousedown', 'click'], (event) => {
    event.preventDefault();
    event.stopPropagation();
    if (event.type === 'click') stop.abort();
  });
  hearOnce(['pointerdown', 'keydown'], () => stop.abort());
};

const tab = (event: KeyboardEvent, open: OpenLayer[], modal: OpenLayer | undefined): void => {
  const inside = insideOf(event);
  open.findLast((layer) => layer !== modal && inside.includes(layer.id))?.tab?.(event);
  if (!event.defaultPrevented) modal?.tab?.(event);
};

const handlers: Record<string, (event: never, document: Document) => void> = {
  keydown(event: KeyboardEvent, document) {
    const open = of(document);
    const modal = open.filter((layer) => layer.modal).at(-1);
    if (event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey) return;
    const again = lastKey === event.key && lastTarget === event.target;
    lastKey = event.key;
    lastTarget = event.target;
    if (event.key === 'Tab') tab(event, open, modal);
    if (event.key !== 'Escape') return;
    // An input method uses Escape for itself; a native dialog would close on it all the same.
    if (event.isComposing) return event.preventDefault();
    if (!again && usesEscape(event.target as HTMLInputElement)) return;
    if (modal) event.preventDefault();
    dismiss(document, { kind: 'escape' }, 'escape', event);
  },
  cancel(event: Event, document) {
    if (!layerOf(event.target)) return;
    event.preventDefault();
    dismiss(document, { kind: 'escape' }, 'escape', event);
  },
  close: (event: Event) => layerOf(event.target)?.reread?.(),
  submit(event: SubmitEvent) {
    const { method } = event.target as HTMLFormElement;
    if (method === 'dialog' && !event.defaultPrevented)
      layerOf((event.target as Element).closest('dialog'))?.submitted?.(event);
  },
  focusin(event: FocusEvent, document) {
    lastKey = undefined;
    // Focus that moves because of a press says nothing: what the press does is decided when it ends.
    if (!pressedIn) dismiss(document, { kind: 'focus-left', inside: insideOf(event) }, 'focus-left', event);
  },
  focusout({ target, relatedTarget }: FocusEvent, document) {
    const layer = of(document).at(-1);
    if (!relatedTarget && layer?.modal && layer.id.contains(target as Node))
      queueMicrotask(() => {
        if (document.activeElement === document.body && layerOf(layer.id))
          layer.holdFocus?.(target as Element);
      });
  },
  /** Focus has gone into a frame: by a press, of which nothing else is heard here, or by Tab. */
  blur(event: FocusEvent, document) {
    const frame = document.activeElement;
    if (frame?.localName !== 'iframe') return;
    const inside = layers.filter(({ id }) => id.contains(frame)).map(({ id }) => id);
    const byTab = lastKey === 'Tab';
    dismiss(
      document,
      { kind: byTab ? 'focus-left' : 'outside', inside },
      byTab ? 'focus-left' : 'outside',
      event,
    );
  },
  pointerdown(event: PointerEvent) {
    lastKey = undefined;
    pressedIn = event.button || isOnScrollbar(event) ? undefined : insideOf(event);
  },
  pointercancel() {
    pressedIn = undefined;
  },
  pointerup(event: PointerEvent, document) {
    const inside = pressedIn && [...pressedIn, ...insideOf(event)];
    pressedIn = undefined;
    if (inside && dismiss(document, { kind: 'outside', inside }, 'outside', event)) absorbRest(document);
  },
};

const hear = (event: Event): void => {
  const at = event.currentTarget as Document & Window;
  // A control's own blur is heard by the document; only the window's tells of frames.
  if (event.type !== 'blur' || event.target === at) handlers[event.type]!(event as never, at.document ?? at);
};

/** Counts `layer` as open until released. Escape, back gesture, presses and Tab are heard meanwhile. */
export function openLayer(layer: OpenLayer): () => void {
  const document = layer.id.ownerDocument;
  const modal = reachable(document);
  if (!layer.modal && !modal.contains(layer.id)) tell('layer-inert', layer.id, modal);
  const turn = (act: 'addEventListener' | 'removeEventListener'): void => {
    for (const type in handlers)
      (type === 'blur' ? document.defaultView! : document)[act](type, hear, !/keydown|submit/.test(type));
  };
  layers.push(layer);
  turn('addEventListener');
  return () => {
    layers = layers.filter((other) => other !== layer);
    if (!of(document).length) turn('removeEventListener');
  };
}

/** The layer that what is opened by `control` belongs to: the one it stands in; without a control the topmost. */
export const parentOf = (control: Element | null | undefined, document: Document): OpenLayer | undefined => {
  const open = of(document);
  return control ? open.findLast(({ id }) => id.contains(control)) : open.at(-1);
};

export const isOpenLayer = (id: HTMLElement): boolean => !!layerOf(id);

/** A modal layer has opened from `layer`, which closes if it is told to. */
export const stepAside = (layer: OpenLayer | undefined): void => {
  if (layer?.behind === 'close') layer.dismiss('focus-left');
};

/** What has to close before `id` does: the layers opened from it, innermost first. */
export const childrenOf = (id: HTMLElement): OpenLayer[] =>
  dismissedBy(of(id.ownerDocument), { kind: 'close', id })
    .close.filter((child) => child !== id)
    .map((child) => layerOf(child)!);

/** The element that holds what can be reached now: the topmost modal layer, else the body. */
export const reachable = (document: Document): HTMLElement =>
  of(document).findLast((layer) => layer.modal)?.id ?? document.body;
