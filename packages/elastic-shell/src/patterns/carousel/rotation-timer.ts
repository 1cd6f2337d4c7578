// The rotation timer: calls `turn` at intervals while nothing pauses it.
import { isTurning } from '../../core/rotation.js';
import { listenIn } from '../../events/document-events.js';

export interface RotationTimer {
  /** True while it turns now. */
  now(): boolean;
  /** `rotating`: whether it is wanted. */
  set(rotating: boolean): void;
  release(): void;
}

export const prefersReducedMotion = (view: Window): boolean =>
  !!view.matchMedia?.('(prefers-reduced-motion: reduce)').matches;

/** `changed` is called when it begins or pauses. */
export function rotationTimer(
  root: HTMLElement,
  interval: number,
  turn: () => void,
  changed: () => void,
): RotationTimer {
  const document = root.ownerDocument;
  const stop = new AbortController();
  const view = {
    rotating: false,
    hovered: false,
    focused: false,
    hidden: document.hidden,
    reducedMotion: false,
  };
  let timer: ReturnType<typeof setInterval> | undefined;

  const update = (next: Partial<typeof view>): void => {
    const before = isTurning(view);
    Object.assign(view, next, { reducedMotion: prefersReducedMotion(document.defaultView!) });
    const now = isTurning(view);
    if (now === before) return;
    clearInterval(timer);
    if (now) timer = setInterval(turn, interval);
    changed();
  };
  const hear = (type: string, next: Partial<typeof view>): void =>
    root.addEventListener(type, () => update(next), { signal: stop.signal });
  hear('pointerenter', { hovered: true });
  hear('pointerleave', { hovered: false });
  hear('focusin', { focused: true });
  hear('focusout', { focused: false });
  const unhear = listenIn(document, { visibilitychange: () => update({ hidden: document.hidden }) });

  return {
    now: () => isTurning(view),
    set: (rotating) => update({ rotating }),
    release() {
      stop.abort();
      unhear();
      clearInterval(timer);
    },
  };
}
