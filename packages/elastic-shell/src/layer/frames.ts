// Frames: a press or Tab that goes into a frame of the page, and a press in a page around the frame that holds a layer.
import { windowOf } from '../engine/dom.js';
import { listen } from '../events/listen.js';
import { flushNodes } from '../events/nodes.js';
import { layersOf } from './open-layers.js';

/** Something has happened outside of all layers but `inside`; `isTab`: by Tab, if that was the last key. */
type Left = (inside: HTMLElement[], isTab: boolean, event: Event) => void;

/**
 * Focus has gone into a frame: by a press, of which nothing else is heard here, or by Tab. Firefox says which frame it is only
 * afterwards: it is asked again then.
 */
const onWindowBlur = (event: Event, document: Document, left: Left, isLate = false): void => {
  const frame = document.activeElement;
  if (frame?.localName !== 'iframe') {
    if (!isLate) setTimeout(() => onWindowBlur(event, document, left, true));
    return;
  }
  // A layer that was put into the frame has not been left.
  flushNodes(document.documentElement);
  const inside = layersOf(document)
    .filter(({ id }) => id.contains(frame))
    .map(({ id }) => id);
  left(inside, true, event);
};

/** The documents of the frames around this one, as far as they may be read. */
function around(document: Document): Document[] {
  const found: Document[] = [];
  try {
    for (let view = windowOf(document); view.parent !== view; view = view.parent.window as typeof view)
      found.push(view.parent.document);
  } catch {
    // Somebody else's page: what is pressed there is not told.
  }
  return found;
}

/** A press in a page around the frame that `document` is: outside of all that is open here, but of what a modal layer holds. */
function onPressAround(document: Document, event: Event, left: Left): void {
  const open = layersOf(document);
  const inside = open.slice(0, open.findLastIndex(({ modal }) => modal) + 1).map(({ id }) => id);
  left(inside, false, event);
}

/** Hears what is pressed in other pages than `document`, its own frames and those around it, until released. */
export const hearFrames = (document: Document, left: Left): (() => void)[] => [
  // A control's own blur is heard by the document; only the window's tells of frames.
  listen(windowOf(document), {
    blur: (event) => event.target === event.currentTarget && onWindowBlur(event, document, left),
  }),
  ...around(document).map((outer) =>
    listen(outer, { pointerup: (event) => onPressAround(document, event, left) }, ['pointerup']),
  ),
];
