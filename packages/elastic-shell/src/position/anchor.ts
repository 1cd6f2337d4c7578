// Anchoring: keeps a layer next to its anchor while either moves or grows, and does nothing while neither
// does. The core computes the placement. It is written as custom properties, relative to the anchor if the
// platform supports that, so that the layer moves in the same frame. It is computed again on scroll, on
// resize, when either changes its size, and when the page moves the anchor. An intersection observer, whose
// area is reduced to the anchor, reports the last of these.
import type { PlacementWish } from '../core/layers/placement.js';
import { isElement, windowOf } from '../engine/dom.js';
import { listenIn } from '../events/document-events.js';
import { onResize } from '../events/resize.js';
import { onLost, onMove } from './anchor-watch.js';
import { type Member, placeFirst, placeSoon } from './group.js';
import { type Anchor, isAt, put, rectOf, sizesOf, startOf } from './kept.js';

/**
 * How long nothing must change before the anchor is observed, in milliseconds. A scroll sends events in every
 * frame anyway.
 */
const quiet = 100;

/** The layers that are positioned now. */
const kept = new Set<Member>();
/**
 * With more layers than this, scripts position them: when one more opens, a browser lays out all layers with
 * anchor positioning, and their content.
 */
const mostGlued = 3;

/** Positions by script the layers that use anchor positioning. */
function unglue(): void {
  for (const { held } of kept)
    if (held.glued) {
      held.glued = false;
      put(held);
    }
}

/**
 * Places `layer` next to `anchor` with custom properties (--shell-x, --shell-y, --shell-room-x,
 * --shell-room-y, --shell-arrow, --shell-fit, --shell-anchor), which structure.css uses, until released. They
 * stay after the release, for the closing animation. `placed` is called with each area. `lost` is called when
 * the anchor has left the visible area or the document.
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

  /** Observes the anchor when nothing has changed for a while. */
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
  /** Reading the position costs no layout here. */
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
  /** Other code has removed the position from the style attribute, so it is written again. */
  const styled = new MutationObserver(() => {
    if (layer.style.getPropertyValue('--shell-x') === held.values[0]) return;
    held.written = '';
    now();
  });
  styled.observe(layer, { attributeFilter: ['style'] });
  // The platform reports these once a frame, before it draws.
  const releases = [
    () => kept.delete(member),
    listenIn(layer.ownerDocument, { scroll: now }),
    listenIn(view, { resize: now }),
    ...(view.visualViewport ? [listenIn(view.visualViewport, { resize: now })] : []),
    () => styled.disconnect(),
    onResize(isElement(anchor) ? [layer, anchor] : [layer], sized),
    ...(element ? [onLost(element, lost)] : []),
    // A window that is being closed (jsdom's, after a test) has no frames.
    () => frame && view.cancelAnimationFrame(frame),
    () => clearTimeout(timer),
    () => stopMove?.(),
  ];
  if (kept.size >= mostGlued) unglue();
  kept.add(member);
  placeFirst(member);
  return () => releases.splice(0).forEach((release) => release());
}
