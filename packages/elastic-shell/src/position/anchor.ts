// Anchoring: keeps a layer beside its anchor while either moves or grows, and does nothing while neither does.
//
// The core's placement says where; the place is written as custom properties, relative to the anchor where the platform knows
// it, so that the layer moves in the same frame. It is asked again on scroll, on resize, when the size of either changes, and
// when the page around the anchor moves: an intersection observer whose area is cut down to the anchor tells of that.
import type { PlacementWish } from '../core/layers/placement.js';
import { isElement, windowOf } from '../engine/dom.js';
import { listenIn } from '../events/document-events.js';
import { onResize } from '../events/resize.js';
import { onLost, onMove } from './anchor-watch.js';
import { type Member, placeFirst, placeSoon } from './group.js';
import { type Anchor, isAt, put, rectOf, sizesOf, startOf } from './kept.js';

/** Milliseconds without a change before the anchor is watched: a scroll tells of itself, frame by frame. */
const quiet = 100;

/** Layers that are kept now. */
const kept = new Set<Member>();
/** With more than these, layers are placed by script: browsers lay out all that are glued, and all that is in them, when one more opens. */
const mostGlued = 3;

/** Puts the layers that are glued in the same places by script. */
function unglue(): void {
  for (const { held } of kept)
    if (held.glued) {
      held.glued = false;
      put(held);
    }
}

/**
 * Places `layer` beside `anchor` by custom properties (--shell-x, --shell-y, --shell-room-x,
 * --shell-room-y, --shell-arrow, --shell-fit, --shell-anchor), which structure.css uses, until released. They stay when it is
 * released, for the way out. `placed` hears each area that is taken; `lost` is called when the anchor has gone out of view or out of the document.
 */
export function keepBeside(
  layer: HTMLElement,
  anchor: Anchor,
  wish: PlacementWish,
  placed: (area: string) => void,
  lost: () => void,
): () => void {
  const view = windowOf(layer);
  const held = startOf(layer, anchor, wish, placed, kept.size < mostGlued);
  const element = isElement(anchor) && 'IntersectionObserver' in view ? anchor : undefined;
  let frame = 0;
  let last = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopMove: (() => void) | undefined;

  /** Watches the anchor once nothing has changed for a while. */
  const watch = (): void => {
    stopMove?.();
    stopMove = undefined;
    last = Date.now();
    timer ??= setTimeout(rest, quiet);
  };
  const rest = (): void => {
    const left = last + quiet - Date.now();
    timer = left > 0 ? setTimeout(rest, left) : undefined;
    if (!timer && element) stopMove = onMove(element, held.rect, later);
  };
  const later = (): void => {
    frame ||= view.requestAnimationFrame(() => {
      frame = 0;
      now();
    });
  };
  const member: Member = { held, watch, isOver: () => !releases.length };
  const now = (): void => placeSoon(member);
  let isFirst = true;
  /** Here looking costs no layout. */
  const sized = (): void => {
    const isLost = isFirst && held.glued && !isAt(layer, held.found);
    isFirst = false;
    if (isLost) {
      held.glued = false;
      now();
    } else if (held.sizes !== sizesOf(layer, rectOf(anchor, layer))) {
      held.size = undefined;
      later();
    }
  };
  /** Somebody has taken the place away with the style attribute: it is written again. */
  const styled = new MutationObserver(() => {
    if (layer.style.getPropertyValue('--shell-x') === held.values[0]) return;
    held.written = '';
    now();
  });
  styled.observe(layer, { attributeFilter: ['style'] });
  // The platform tells of these once a frame, before it draws.
  const releases = [
    () => kept.delete(member),
    listenIn(layer.ownerDocument, { scroll: now }),
    listenIn(view, { resize: now }),
    ...(view.visualViewport ? [listenIn(view.visualViewport, { resize: now })] : []),
    () => styled.disconnect(),
    onResize(isElement(anchor) ? [layer, anchor] : [layer], sized),
    ...(element ? [onLost(element, lost)] : []),
    // A window that is being closed (jsdom's, after a test) has no frames any more.
    () => frame && view.cancelAnimationFrame(frame),
    () => clearTimeout(timer),
    () => stopMove?.(),
  ];
  if (kept.size >= mostGlued) unglue();
  kept.add(member);
  placeFirst(member);
  return () => releases.splice(0).forEach((release) => release());
}
