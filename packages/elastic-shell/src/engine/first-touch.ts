// The first use of a waiting instance: the pointer over its opener, focus, a key or a press on it, or the
// platform about to show its root. It is wired in full before the event continues, so it receives the event
// as if it had been wired all along.
import { listen } from '../events/listen.js';
import { windowOf } from './dom.js';
import { type WaitRules, wakeAt } from './untouched.js';

const onTouch = (event: Event): void => event.composedPath().forEach(wakeAt);

/** The number of waiting instances in each window, and a function that stops listening there. */
const windows = new WeakMap<Window, { waiting: number; stop: () => void }>();

/** Listens on the window of `root` for the first use. Returns a function that ends this for one instance. */
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

/** For patterns that open by more than a command. */
export const onFirstTouch: WaitRules = { hear: hearTouch };
