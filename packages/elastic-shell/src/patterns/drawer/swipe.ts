// A swipe toward its edge closes a drawer: it follows the finger, and goes or comes back when that lifts.
import type { Openable } from '../../core/contract/openable.js';
import type { Engine, Service } from '../../engine/engine.js';
import { isMirrored } from '../../events/keys.js';
import { keepStyleAttribute } from '../../engine/style-attribute.js';

/** Pixels before a moving finger is a swipe. */
const slop = 8;
/** The part of its size, or the pixels a millisecond, that are enough to close. */
const enough = { way: 0.35, speed: 0.4 };

interface Finger {
  id: number;
  x: number;
  y: number;
  time: number;
  isSwipe: boolean;
}

/** `service`, closed by a touch that swipes toward `edge`. At a block edge the swipe begins on the header: the rest scrolls. */
export function onSwipe(engine: Engine<Openable>, edge: string, service: Service): Service {
  const { root, render } = engine;
  const stop = new AbortController();
  const tidy = keepStyleAttribute(root);
  const isInline = edge.startsWith('inline');
  let finger: Finger | undefined;
  let swiping: string | null = null;

  const mark = (next: string | null, offset?: string): void => {
    if (offset) root.style.setProperty('--shell-swipe', isInline ? `${offset} 0` : `0 ${offset}`);
    if (next === swiping) return;
    swiping = next;
    render();
  };
  /** Which way is out: along its axis, in screen terms. */
  const sign = (): number => {
    return edge.endsWith('start') === (isInline && isMirrored(root)) ? 1 : -1;
  };
  const way = ({ clientX, clientY }: PointerEvent, { x, y }: Finger): [along: number, across: number] => {
    const [dx, dy] = [clientX - x, clientY - y];
    return isInline ? [dx * sign(), Math.abs(dy)] : [dy * sign(), Math.abs(dx)];
  };

  const heard: Record<string, (event: PointerEvent) => void> = {
    pointerdown(event) {
      const { pointerType, pointerId: id, clientX: x, clientY: y, timeStamp: time, target } = event;
      const isHandle = isInline || (target as Element).closest('header');
      finger = pointerType === 'touch' && isHandle ? { id, x, y, time, isSwipe: false } : undefined;
    },
    pointermove(event) {
      if (!finger || event.pointerId !== finger.id) return;
      const [along, across] = way(event, finger);
      if (!finger.isSwipe && across > Math.max(slop, along)) finger = undefined;
      else if (finger.isSwipe || along > slop) {
        if (!finger.isSwipe) root.setPointerCapture(finger.id);
        finger.isSwipe = true;
        mark('', `${Math.max(0, along) * sign()}px`);
      }
    },
    pointerup(event) {
      const mine = finger;
      finger = undefined;
      if (!mine?.isSwipe) return;
      const [along] = way(event, mine);
      const isFar = along > enough.way * (isInline ? root.offsetWidth : root.offsetHeight);
      const isFast = along / (event.timeStamp - mine.time) > enough.speed;
      if (isFar || isFast) {
        mark('out', `${100 * sign()}%`);
        engine.change({ open: false }, { reason: 'press', result: null, event });
      }
      if (engine.state().open) mark(null);
    },
    pointercancel() {
      finger = undefined;
      mark(null);
    },
  };
  for (const type in heard)
    root.addEventListener(type, heard[type] as EventListener, { signal: stop.signal });

  return {
    ...service,
    parts: () => [...service.parts!(), [root, { 'data-swiping': swiping }]],
    show(change) {
      if (change.value) mark(null);
      service.show!(change);
    },
    release() {
      stop.abort();
      root.style.removeProperty('--shell-swipe');
      tidy();
      service.release!();
    },
  };
}
