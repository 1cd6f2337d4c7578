// Picking: the next click on the page chooses the pattern there, and the page does not receive the click.
import { apart } from '../engine/apart.js';
import { innermostOf } from '../engine/dom.js';
import { engineNamed, namedBy, naming, wiredRun } from '../engine/registry.js';
import { listen } from '../events/listen.js';

/** Returns the wired root of an element: the one around it, or the one that it refers to. */
export function rootAt(element: Element | undefined): HTMLElement | undefined {
  for (let at: Element | null | undefined = element; at; at = at.parentElement) {
    const run = wiredRun(at);
    if (run) return run.root;
    const named = at.matches(naming) ? engineNamed(at, namedBy(at)) : undefined;
    if (named) return named.run.root;
  }
  return undefined;
}

/**
 * Follows the pointer until a click chooses a pattern, or Escape cancels. Returns a function that stops it.
 */
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
