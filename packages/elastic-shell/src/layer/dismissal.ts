// Dismissal: translates Escape, the back gesture, clicks and focus changes for the layer stack in the core,
// which decides what closes. A click counts as outside only if it both began and ended outside the layer. A
// text selection that ends outside, a drag and a scrollbar therefore close nothing. Focus that moves because
// of a click is ignored; the click itself is judged when it ends. Escape is read from keydown, because
// `cancel` can be prevented only once. A widget inside the layer that uses Escape itself (a select, a date
// field) gets it the first time. The listeners are on the document while it has an open layer, and on its
// window for focus that moves into a frame.
import { dismissedBy, type LayerCause } from '../core/layers/stack.js';
import type { Reason } from '../core/change.js';
import { tell } from '../core/report.js';
import { apart } from '../engine/apart.js';
import { closest, innermostOf, matches, targetOf, treeOf } from '../engine/dom.js';
import { holds } from '../engine/flat.js';
import { pageWide } from '../core/page-record.js';
import { keyOf } from '../events/keys.js';
import { type Handlers, listen } from '../events/listen.js';
import { enterLayer, layerOf, layersOf, type OpenLayer, reachable } from './open-layers.js';
import { followLayer, noteFocus } from './moved.js';
import { usesEscape } from './own-escape.js';
import { hearFrames } from './frames.js';
import { forgetOthers, noteToggle, othersAbove, othersModal } from './others.js';
import { isOnBackdrop, isOnScrollbar } from './press-place.js';

/** The layers in which the current click began. Undefined between clicks. */
let pressedIn: HTMLElement[] | undefined;
/** The number of clicks so far. A double click counts once. */
let presses = 0;
/** The last key that was pressed, and its target, until something else happens. */
let lastKey: string | undefined;
/** A weak reference, because it may be a list of thousands of rows that the page has removed. */
let lastTarget: WeakRef<EventTarget> | undefined;

const isMouse = (event: Event): event is MouseEvent => 'clientX' in event;

/** Returns the layers that contain the target of an event, or have it as an opener. */
const insideOf = (document: Document, event: Event): HTMLElement[] => {
  const path = new Set(event.composedPath());
  /**
   * Events don't reveal elements in a closed shadow root, so an event in its host counts as inside all layers
   * in it.
   */
  const isHidden = (id: Element): boolean => {
    const tree = treeOf(id);
    return 'mode' in tree && tree.mode === 'closed' && !path.has(tree) && path.has(tree.host);
  };
  // Except for a modal layer: the only thing beside it that can be clicked is its backdrop.
  const isIn = ({ id, owners, modal }: OpenLayer): boolean =>
    path.has(id) || isHidden(id)
      ? !(isMouse(event) && (path.has(id) || modal) && isOnBackdrop(event, id))
      : !!owners?.().some((owner) => path.has(owner));
  return layersOf(document).flatMap((layer) => (isIn(layer) ? [layer.id] : []));
};

/** Events that a copy of the library has handled. The other copies ignore them. */
const handled = pageWide('handled', () => new WeakSet<Event>());

const dismiss = (
  document: Document,
  cause: LayerCause<HTMLElement>,
  reason: Reason,
  event: Event,
): boolean => {
  if (handled.has(event)) return false;
  handled.add(event);
  const { close, absorb } = dismissedBy(layersOf(document), cause);
  for (const id of close) {
    layerOf(id)?.dismiss(reason, event);
    if (layerOf(id)) break;
  }
  return absorb;
};

/** Suppresses the rest of this click, which the browser sends to the element where the layer was. */
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

/**
 * True after an Escape that was left to a foreign layer. WebKit then also sends `cancel` to the dialog below,
 * in a later task.
 */
let isLeftToOthers = false;

/** The listeners of a document that has open layers. */
const handlersIn = (document: Document): Handlers => ({
  keydown(event) {
    const open = layersOf(document);
    const modal = open.findLast((layer) => layer.modal);
    if (event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey) return;
    const key = keyOf(event);
    const isOthers = othersAbove(document).length > 0;
    isLeftToOthers = isOthers && key === 'Escape';
    if (isOthers) return;
    const again = lastKey === key && lastTarget?.deref() === event.target;
    lastKey = key;
    lastTarget = event.target ? new WeakRef(event.target) : undefined;
    if (key === 'Tab') tab(document, event, open, modal);
    if (key !== 'Escape') return;
    // An input method uses Escape itself, but a native dialog would close on it all the same.
    if (event.isComposing) return event.preventDefault();
    if (!again && usesEscape(innermostOf(event))) return tell('escape-left', targetOf(event), { event });
    if (modal) event.preventDefault();
    dismiss(document, { kind: 'escape' }, 'escape', event);
  },
  focusin(event) {
    lastKey = undefined;
    const active = innermostOf(event);
    if (active && !noteFocus(document, active)) return;
    if (active && othersAbove(document).some((other) => holds(other, active))) return;
    // Ignores focus that moves because of a click. The click itself is judged when it ends.
    if (!pressedIn)
      dismiss(document, { kind: 'focus-left', inside: insideOf(document, event) }, 'focus-left', event);
  },
  focusout(event) {
    const target = innermostOf(event);
    const layer = layersOf(document).at(-1);
    if (!target || event.relatedTarget || !layer?.modal || !holds(layer.id, target)) return;
    queueMicrotask(() => {
      if (document.activeElement !== document.body || !layerOf(layer.id)) return;
      if (!othersAbove(document).length) layer.holdFocus?.(target);
    });
  },
  pointerdown(event) {
    lastKey = undefined;
    isLeftToOthers = false;
    const isNone = event.button || isOnScrollbar(event) || othersAbove(document).length;
    pressedIn = isNone ? undefined : insideOf(document, event);
  },
  mousedown(event) {
    // The second click of a double click may hit the layer that the first one opened, or its backdrop.
    if (event.detail > 1)
      pressedIn?.push(...layersOf(document).flatMap(({ id, press }) => (press === presses ? [id] : [])));
    else presses++;
  },
  pointercancel() {
    pressedIn = undefined;
  },
  pointerup: (event) => endPress(document, event),
  click(event) {
    // Another script stopped the pointerup event.
    if (pressedIn && event.detail) endPress(document, event);
  },
  beforetoggle: (event) => noteToggle(document, event),
});

/** Ends a click. It dismisses a layer only if it both began and ended outside. */
function endPress(document: Document, event: MouseEvent): void {
  const inside = pressedIn && [...pressedIn, ...insideOf(document, event)];
  pressedIn = undefined;
  if (inside) tell('press', document, { event, inside });
  if (inside && dismiss(document, { kind: 'outside', inside }, 'outside', event)) absorbRest(document);
}

/** The listeners of the layer itself, for events that do not leave a shadow root. */
const handlersOf = (layer: OpenLayer): Handlers => ({
  /** Handles the back gesture, and an Escape that a widget inside did not use. */
  cancel(event) {
    if (event.target !== layer.id) return;
    event.preventDefault();
    if (isLeftToOthers) return;
    dismiss(layer.id.ownerDocument, { kind: 'escape' }, 'escape', event);
  },
  close(event) {
    if (event.target === layer.id) layer.reread?.();
  },
  submit(event) {
    const form = targetOf(event);
    const isOurs = form && matches(form, '[method=dialog i]') && closest(form, 'dialog') === layer.id;
    if (isOurs && !event.defaultPrevented) layer.submitted?.(event);
  },
});

/** The listeners of each document, and the number of open layers that use them. */
const heard = new Map<Document, { layers: number; stop(): void }>();

const hear = (document: Document): (() => void) => {
  const releases = [
    listen(
      document,
      handlersIn(document),
      [
        'focusin',
        'focusout',
        'pointerdown',
        'mousedown',
        'pointercancel',
        'pointerup',
        'click',
        'beforetoggle',
      ],
      ({ target }) => apart.has(target),
    ),
    ...hearFrames(document, (inside, isTab, event) => {
      const kind = isTab && lastKey === 'Tab' ? 'focus-left' : 'outside';
      dismiss(document, { kind, inside }, kind, event);
    }),
  ];
  return () => releases.forEach((release) => release());
};

/** Counts `layer` as open until released. Escape, the back gesture, clicks and Tab are handled meanwhile. */
export function openLayer(layer: OpenLayer): () => void {
  const document = layer.id.ownerDocument;
  const modal = reachable(document);
  if (!layer.modal && !holds(modal, layer.id)) tell('layer-inert', layer.id, { modal });
  const hearing = heard.get(document) ?? { layers: 0, stop: hear(document) };
  heard.set(document, hearing);
  hearing.layers++;
  layer.below = othersModal(document);
  layer.press = presses;
  const leave = enterLayer(layer);
  const releases = [listen(layer.id, handlersOf(layer)), followLayer(layer), leave];
  return () => {
    const isFirst = releases.length > 0;
    releases.splice(0).forEach((release) => release());
    if (!isFirst || --hearing.layers) return;
    hearing.stop();
    heard.delete(document);
    forgetOthers(document);
  };
}
