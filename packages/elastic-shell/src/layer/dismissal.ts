// Dismissal: turns Escape, the back gesture, presses and moved focus into what the core's layer stack dismisses.
//
// A press is judged by where it began and where it ended: only when both were outside a layer does it count, so that a text
// selection that ends outside, a drag and a scrollbar close nothing. Focus that moves because of a press says nothing; what
// the press does is decided when it ends. Escape is taken from keydown, since `cancel` can be refused only once; what a
// widget inside (a select, a date field) may use itself is left to it the first time.
// Listeners are on the document while a layer is open in it, and on its window, for focus that goes into a frame.
import { dismissedBy, type LayerCause } from '../core/layers/stack.js';
import type { Reason } from '../core/change.js';
import { tell } from '../core/report.js';
import { apart } from '../engine/apart.js';
import { targetOf, windowOf } from '../engine/dom.js';
import { keyOf } from '../events/keys.js';
import { type Handlers, listen } from '../events/listen.js';
import { flushNodes } from '../events/nodes.js';
import { enterLayer, layerOf, layersOf, type OpenLayer, reachable } from './open-layers.js';
import { followLayer, noteFocus } from './moved.js';
import { isOnBackdrop, isOnScrollbar } from './press-place.js';

/** The layers that the press now going on began in; undefined while no press is. */
let pressedIn: HTMLElement[] | undefined;
/** The last key pressed, and on what, until something else happens. */
let lastKey: string | undefined;
/** Held weakly: it may be a list of thousands of rows that the page has taken away. */
let lastTarget: WeakRef<EventTarget> | undefined;

const isMouse = (event: Event): event is MouseEvent => 'clientX' in event;

/** The layers that an event happened in, or on an opener of. */
const insideOf = (document: Document, event: Event): HTMLElement[] => {
  const path = new Set(event.composedPath());
  const holds = ({ id, owners }: OpenLayer): boolean =>
    path.has(id)
      ? !(isMouse(event) && isOnBackdrop(event, id))
      : !!owners?.().some((owner) => path.has(owner));
  return layersOf(document).flatMap((layer) => (holds(layer) ? [layer.id] : []));
};

const dismiss = (
  document: Document,
  cause: LayerCause<HTMLElement>,
  reason: Reason,
  event: Event,
): boolean => {
  const { close, absorb } = dismissedBy(layersOf(document), cause);
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
      // WebKit does not know it; there an open picker keeps its keys to itself.
      return false;
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

const tab = (
  document: Document,
  event: KeyboardEvent,
  open: OpenLayer[],
  modal: OpenLayer | undefined,
): void => {
  const inside = insideOf(document, event);
  open.findLast((layer) => layer !== modal && inside.includes(layer.id))?.tab?.(event);
  if (!event.defaultPrevented) modal?.tab?.(event);
};

/** What is heard of a document while layers are open in it. */
const handlersIn = (document: Document): Handlers => ({
  keydown(event) {
    const open = layersOf(document);
    const modal = open.findLast((layer) => layer.modal);
    if (event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey) return;
    const key = keyOf(event);
    const again = lastKey === key && lastTarget?.deref() === event.target;
    lastKey = key;
    lastTarget = event.target ? new WeakRef(event.target) : undefined;
    if (key === 'Tab') tab(document, event, open, modal);
    if (key !== 'Escape') return;
    // An input method uses Escape for itself; a native dialog would close on it all the same.
    if (event.isComposing) return event.preventDefault();
    if (!again && usesEscape(targetOf(event))) return tell('escape-left', targetOf(event), { event });
    if (modal) event.preventDefault();
    dismiss(document, { kind: 'escape' }, 'escape', event);
  },
  focusin(event) {
    lastKey = undefined;
    const active = targetOf(event);
    if (active && !noteFocus(document, active)) return;
    // Focus that moves because of a press says nothing: what the press does is decided when it ends.
    if (!pressedIn)
      dismiss(document, { kind: 'focus-left', inside: insideOf(document, event) }, 'focus-left', event);
  },
  focusout(event) {
    const target = targetOf(event);
    const layer = layersOf(document).at(-1);
    if (!target || event.relatedTarget || !layer?.modal || !layer.id.contains(target)) return;
    queueMicrotask(() => {
      if (document.activeElement === document.body && layerOf(layer.id)) layer.holdFocus?.(target);
    });
  },
  pointerdown(event) {
    lastKey = undefined;
    pressedIn = event.button || isOnScrollbar(event) ? undefined : insideOf(document, event);
  },
  pointercancel() {
    pressedIn = undefined;
  },
  pointerup(event) {
    const inside = pressedIn && [...pressedIn, ...insideOf(document, event)];
    pressedIn = undefined;
    if (inside) tell('press', document, { event, inside });
    if (inside && dismiss(document, { kind: 'outside', inside }, 'outside', event)) absorbRest(document);
  },
});

/**
 * Focus has gone into a frame: by a press, of which nothing else is heard here, or by Tab. Firefox says which frame it is only
 * afterwards: it is asked again then.
 */
const onWindowBlur = (event: Event, document: Document, isLate = false): void => {
  const frame = document.activeElement;
  if (frame?.localName !== 'iframe') {
    if (!isLate) setTimeout(() => onWindowBlur(event, document, true));
    return;
  }
  // A layer that was put into the frame has not been left.
  flushNodes(document.documentElement);
  const inside = layersOf(document)
    .filter(({ id }) => id.contains(frame))
    .map(({ id }) => id);
  const kind = lastKey === 'Tab' ? 'focus-left' : 'outside';
  dismiss(document, { kind, inside }, kind, event);
};

/** What is heard of one layer itself: these do not leave the shadow root it may stand in. */
const handlersOf = (layer: OpenLayer): Handlers => ({
  /** The back gesture, and what a widget left of an Escape. */
  cancel(event) {
    if (event.target !== layer.id) return;
    event.preventDefault();
    dismiss(layer.id.ownerDocument, { kind: 'escape' }, 'escape', event);
  },
  close(event) {
    if (event.target === layer.id) layer.reread?.();
  },
  submit(event) {
    const form = targetOf(event);
    const isOurs = form?.matches('[method=dialog i]') && form.closest('dialog') === layer.id;
    if (isOurs && !event.defaultPrevented) layer.submitted?.(event);
  },
});

/** By document: what releases its listeners. */
const heard = new Map<Document, () => void>();

const hear = (document: Document): (() => void) => {
  const releases = [
    listen(
      document,
      handlersIn(document),
      ['focusin', 'focusout', 'pointerdown', 'pointercancel', 'pointerup'],
      ({ target }) => apart.has(target),
    ),
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
  if (!heard.has(document)) heard.set(document, hear(document));
  const leave = enterLayer(layer);
  const releases = [listen(layer.id, handlersOf(layer)), followLayer(layer)];
  return () => {
    releases.splice(0).forEach((release) => release());
    if (!leave()) return;
    heard.get(document)?.();
    heard.delete(document);
  };
}
