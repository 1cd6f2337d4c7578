// The first touch of an instance that waits: a pointer over its opener, focus, a key or a press on it, or the platform that is about to
// show its root. It is wired in full before the event goes on, so it hears the same event as if it had been wired all along.
import { listen } from '../events/listen.js';
import { windowOf } from './dom.js';
import { type WaitRules, wakeAt } from './untouched.js';

const onTouch = (event: Event): void => event.composedPath().forEach(wakeAt);

/** The number of instances that wait in each window, and the end of listening there. */
const windows = new WeakMap<Window, { waiting: number; stop: () => void }>();

/** Hears the window of `root` for the first touch. Returns a function that ends this for one instance. */
function hearTouch(root: Element): () => void {
  const view = windowOf(root);
  const hears = windows.get(view) ?? { waiting: 0, stop: () => {} };
  windows.set(view, hears);
  if (!hears.waiting++) {
    const types = [
      'pointerover',
      'pointerdown',
      'focusin',
      'keydown',
      'contextmenu',
      'beforetoggle',
    ] as const;
    hears.stop = listen(view, Object.fromEntries(types.map((type) => [type, onTouch])), types);
  }
  return () => {
    if (--hears.waiting) return;
    hears.stop();
    windows.delete(view);
  };
}

/** For patterns that more than a command opens. */
export const onFirstTouch: WaitRules = { hear: hearTouch };
