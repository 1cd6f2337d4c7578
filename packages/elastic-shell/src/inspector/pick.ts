// Picking: the next press on the page chooses what is wired there, and the page hears nothing of it.
import { apart } from '../engine/apart.js';
import { innermostOf } from '../engine/dom.js';
import { engineNamed, namedBy, naming, wiredRun } from '../engine/registry.js';
import { listen } from '../events/listen.js';

/** The wired root that an element belongs to: the one it stands in, or that it names. */
export function rootAt(element: Element | undefined): HTMLElement | undefined {
  for (let at: Element | null | undefined = element; at; at = at.parentElement) {
    const run = wiredRun(at);
    if (run) return run.root;
    const named = at.matches(naming) ? engineNamed(at, namedBy(at)) : undefined;
    if (named) return named.run.root;
  }
  return undefined;
}

/** Hears where the pointer is, and the press that chooses; Escape chooses nothing. Returns what ends it. */
export function pick(
  document: Document,
  over: (root: HTMLElement | undefined) => void,
  chosen: (root: HTMLElement | undefined) => void,
): () => void {
  const stop = (event: Event): boolean => {
    if (apart.has(event.target)) return false;
    event.preventDefault();
    event.stopImmediatePropagation();
    return true;
  };
  const release = listen(
    document.defaultView ?? window,
    {
      pointermove: (event) => {
        if (!apart.has(event.target)) over(rootAt(innermostOf(event)));
      },
      pointerdown: stop,
      pointerup: stop,
      mousedown: stop,
      mouseup: stop,
      click(event) {
        if (!stop(event)) return;
        release();
        chosen(rootAt(innermostOf(event)));
      },
      keydown(event) {
        if (event.key !== 'Escape') return;
        event.preventDefault();
        event.stopImmediatePropagation();
        release();
        chosen(undefined);
      },
    },
    ['pointermove', 'pointerdown', 'pointerup', 'mousedown', 'mouseup', 'click', 'keydown'],
  );
  return release;
}
