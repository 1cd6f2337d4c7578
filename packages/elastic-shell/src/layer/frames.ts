// Frames: a click or Tab into a frame of the page, and a click in a page that embeds the frame with our layer.
import { windowOf } from '../engine/dom.js';
import { focusedFrom, holds } from '../engine/flat.js';
import { listen } from '../events/listen.js';
import { flushNodes } from '../events/nodes.js';
import { layersOf } from './open-layers.js';

/** Called after a click or Tab outside of all layers except `inside`. `isTab`: it may have been Tab. */
type Left = (inside: HTMLElement[], isTab: boolean, event: Event) => void;

/**
 * Focus has moved into a frame, by a click (which sends no other event here) or by Tab. Firefox reports the
 * frame only afterwards, so it is read again then.
 */
const onWindowBlur = (event: Event, document: Document, left: Left, isLate = false): void => {
  const frame = focusedFrom(document.documentElement);
  if (frame?.localName !== 'iframe') {
    if (!isLate) setTimeout(() => onWindowBlur(event, document, left, true));
    return;
  }
  // Focus in a frame that contains the layer has not left the layer.
  flushNodes(document.documentElement);
  const inside = layersOf(document)
    .filter(({ id }) => holds(id, frame))
    .map(({ id }) => id);
  left(inside, true, event);
};

/** Returns the documents that embed this one, up to the first of another origin. */
function around(document: Document): Document[] {
  const found: Document[] = [];
  try {
    for (let view: Window = windowOf(document); view.parent !== view; view = view.parent)
      found.push(view.parent.document);
  } catch {
    // Events in a page of another origin can't be observed.
  }
  return found;
}

/** Handles a click in an embedding page: it is outside of all layers above the topmost modal one. */
function onPressAround(document: Document, event: Event, left: Left): void {
  const open = layersOf(document);
  const inside = open.slice(0, open.findLastIndex(({ modal }) => modal) + 1).map(({ id }) => id);
  left(inside, false, event);
}

/** Listens for clicks and focus in the frames of `document` and in the pages that embed it. Returns the release functions. */
export const hearFrames = (document: Document, left: Left): (() => void)[] => [
  // The document reports a control's blur; only the window reports frames.
  listen(windowOf(document), {
    blur: (event) => event.target === event.currentTarget && onWindowBlur(event, document, left),
  }),
  ...around(document).map((outer) =>
    listen(outer, { pointerup: (event) => onPressAround(document, event, left) }, ['pointerup']),
  ),
];
