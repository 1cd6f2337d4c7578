// The rotation timer: calls `turn` at intervals while nothing pauses it.
import { isTurning, type RotationView } from '../../core/rotation.js';
import { windowOf } from '../../engine/dom.js';
import { listenIn } from '../../events/document-events.js';
import { listen } from '../../events/listen.js';
import { prefersReducedMotion } from '../../motion/reduced-motion.js';

/** Has slides turn by themselves. */
export interface RotationTimer {
  /** True while it turns now. */
  now(): boolean;
  /** `rotating`: whether it is wanted. */
  set(rotating: boolean): void;
  release(): void;
}

/** `interval` in milliseconds; `changed` is called when it begins or pauses. */
export function rotationTimer(
  root: HTMLElement,
  interval: number,
  turn: () => void,
  changed: () => void,
): RotationTimer {
  const document = root.ownerDocument;
  const view: RotationView = {
    rotating: false,
    hovered: false,
    focused: false,
    hidden: document.hidden,
    reducedMotion: false,
  };
  let timer: ReturnType<typeof setInterval> | undefined;

  const update = (next: Partial<RotationView>): void => {
    const before = isTurning(view);
    Object.assign(view, next, { reducedMotion: prefersReducedMotion(windowOf(root)) });
    const now = isTurning(view);
    if (now === before) return;
    clearInterval(timer);
    if (now) timer = setInterval(turn, interval);
    changed();
  };
  const releases = [
    listen(root, {
      pointerenter: () => update({ hovered: true }),
      pointerleave: () => update({ hovered: false }),
      focusin: () => update({ focused: true }),
      focusout: () => update({ focused: false }),
    }),
    listenIn(document, { visibilitychange: () => update({ hidden: document.hidden }) }),
  ];
  return {
    now: () => isTurning(view),
    set: (rotating) => update({ rotating }),
    release() {
      releases.forEach((release) => release());
      clearInterval(timer);
    },
  };
}
