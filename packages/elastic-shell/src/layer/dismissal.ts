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

/** The layers that the press now going on began in; undefined while no press is. */
let pressedIn: HTMLElement[] | undefined;
/** The number of clicks so far. A double click counts once. */
let presses = 0;
/** The last key pressed, and on what, until something else happens. */
let lastKey: string | undefined;
/** Held weakly: it may be a list of thousands of rows that the page has taken away. */
let lastTarget: WeakRef<EventTarget> | undefined;

const isMouse = (event: Event): event is MouseEvent => 'clientX' in event;

/** The layers that an event happened in, or on an opener of. */
const insideOf = (document: Document, event: Event): HTMLElement[] => {
  const path = new Set(event.composedPath());
  /** Events don't reveal elements in a closed shadow root, so an event in its host counts as inside all layers in it. */
  const isHidden = (id: Element): boolean => {
    const tree = treeOf(id);
    return 'mode' in tree && tree.mode === 'closed' && !path.has(tree) && path.has(tree.host);
  };
  // But for a modal one: all that can be pressed beside it is its backdrop.
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

/** True after an Escape that was left to a foreign layer. WebKit sends `cancel` for it to the dialog below as well, in a later task. */
let isLeftToOthers = false;

/** What is heard of a document while layers are open in it. */
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
    // An input method uses Escape for itself; a native dialog would close on it all the same.
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
    // Focus that moves because of a press says nothing: what the press does is decided when it ends.
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

/** What is heard of one layer itself: these do not leave the shadow root it may stand in. */
const handlersOf = (layer: OpenLayer): Handlers => ({
  /** The back gesture, and what a widget left of an Escape. */
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

/** Counts `layer` as open until released. Escape, back gesture, presses and Tab are heard meanwhile. */
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
