// The rotation timer: calls `turn` at intervals while nothing pauses it. What reduced motion asks for is decided by who wires it:
// nothing turns by itself, and what the user starts by its button does.
import { isTurning, type RotationView } from '../../core/rotation.js';
import { listenIn } from '../../events/document-events.js';
import { listen } from '../../events/listen.js';
import { activeIn } from '../../focus/focusable.js';

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
    // Focus on the very button that starts it is no reason to wait.
    set: (rotating) =>
      update({ rotating, ...(activeIn(root)?.matches('[command="--rotate"]') && { focused: false }) }),
    release() {
      releases.forEach((release) => release());
      clearInterval(timer);
    },
  };
}
