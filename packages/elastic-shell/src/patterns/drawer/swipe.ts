// Closes a drawer by a swipe towards its edge: the drawer follows the finger, and closes or returns when the
// finger lifts. Loaded once a drawer is wired.
import type { Openable } from '../../core/contract/openable.js';
import { targetOf } from '../../engine/dom.js';
import type { Engine, Service } from '../../engine/service.js';
import { keepStyleAttribute } from '../../engine/style-attribute.js';
import { isMirrored } from '../../events/keys.js';
import { listen } from '../../events/listen.js';

/** Pixels that a finger must move before it counts as a swipe. */
const slop = 8;
/** The part of its size, or the pixels per millisecond, that are enough to close. */
const enough = { way: 0.35, speed: 0.4 };

/** Where and when a touch started. */
interface Finger {
  id: number;
  x: number;
  y: number;
  time: number;
  isSwipe: boolean;
}

/** How far the finger has moved, in pixels: towards the edge, and across. */
interface Way {
  along: number;
  across: number;
}

/** Measures swipes of a root towards one of its edges. */
const wayTo = (root: HTMLElement, edge: string) => {
  const isInline = edge.startsWith('inline');
  /** The direction towards the edge along its axis, in screen coordinates. */
  const sign = (): number => (edge.endsWith('start') === (isInline && isMirrored(root)) ? 1 : -1);
  return {
    isInline,
    sign,
    of({ clientX, clientY }: PointerEvent, { x, y }: Finger): Way {
      const [dx, dy] = [clientX - x, clientY - y];
      return isInline
        ? { along: dx * sign(), across: Math.abs(dy) }
        : { along: dy * sign(), across: Math.abs(dx) };
    },
    isEnough({ along }: Way, milliseconds: number): boolean {
      const size = isInline ? root.offsetWidth : root.offsetHeight;
      return along > enough.way * size || along / milliseconds > enough.speed;
    },
  };
};

/**
 * Closes a drawer by a swipe towards `edge`. At a block edge the swipe must start on the header, because the
 * content scrolls.
 */
export function onSwipe(
  engine: Pick<Engine<Openable>, 'root' | 'render' | 'change' | 'state'>,
  edge: string,
): Service<Openable> {
  const { root, render } = engine;
  const tidy = keepStyleAttribute(root);
  const way = wayTo(root, edge);
  let finger: Finger | undefined;
  /** Marks the root while it follows a finger, and while it slides out. */
  let swiping: string | null = null;

  const mark = (next: string | null, offset?: string): void => {
    if (offset) root.style.setProperty('--shell-swipe', way.isInline ? `${offset} 0` : `0 ${offset}`);
    if (next === swiping) return;
    swiping = next;
    render();
  };
  const release = listen(root, {
    pointerdown(event) {
      const { pointerType, pointerId: id, clientX: x, clientY: y, timeStamp: time } = event;
      const isHandle = way.isInline || targetOf(event)?.closest('header');
      finger = pointerType === 'touch' && isHandle ? { id, x, y, time, isSwipe: false } : undefined;
    },
    pointermove(event) {
      if (!finger || event.pointerId !== finger.id) return;
      const { along, across } = way.of(event, finger);
      if (!finger.isSwipe && across > Math.max(slop, along)) finger = undefined;
      else if (finger.isSwipe || along > slop) {
        if (!finger.isSwipe) root.setPointerCapture(finger.id);
        finger.isSwipe = true;
        mark('', `${Math.max(0, along) * way.sign()}px`);
      }
    },
    pointerup(event) {
      const mine = finger;
      finger = undefined;
      if (!mine?.isSwipe) return;
      if (way.isEnough(way.of(event, mine), event.timeStamp - mine.time)) {
        mark('out', `${100 * way.sign()}%`);
        engine.change({ open: false }, { reason: 'press', result: null, event });
      }
      if (engine.state().open) mark(null);
    },
    pointercancel() {
      finger = undefined;
      mark(null);
    },
  });
  return {
    parts: () => [[root, { 'data-swiping': swiping }]],
    show({ value }) {
      if (value) mark(null);
    },
    release() {
      release();
      root.style.removeProperty('--shell-swipe');
      tidy();
    },
  };
}
