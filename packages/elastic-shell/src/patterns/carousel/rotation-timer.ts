// The rotation timer calls `turn` at intervals unless rotation is paused. The caller applies reduced motion:
// then slides don't rotate automatically, but the user can start the rotation.
import { isTurning, type RotationView } from '../../core/rotation.js';
import { listenIn } from '../../events/document-events.js';
import { listen } from '../../events/listen.js';
import { activeIn } from '../../focus/focusable.js';

/** Rotates the slides. */
export interface RotationTimer {
  /** True while it is rotating now. */
  now(): boolean;
  /** Starts or stops the rotation. `rotating`: whether it should rotate. */
  set(rotating: boolean): void;
  release(): void;
}

/**
 * Creates the timer. `interval` is in milliseconds, and `changed` is called when rotation starts or pauses.
 */
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
  };
  let timer: ReturnType<typeof setInterval> | undefined;

  const update = (next: Partial<RotationView>): void => {
    const before = isTurning(view);
    Object.assign(view, next);
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
    // Focus on the rotation button itself doesn't pause rotation.
    set: (rotating) =>
      update({ rotating, ...(activeIn(root)?.matches('[command="--rotate"]') && { focused: false }) }),
    release() {
      releases.forEach((release) => release());
      clearInterval(timer);
    },
  };
}
