// Whether the user has asked for less motion.

import { listen } from '../events/listen.js';

const queryOf = (view: Window): MediaQueryList | undefined =>
  view.matchMedia?.('(prefers-reduced-motion: reduce)');

/** Returns true if the system asks for less motion (CSS `prefers-reduced-motion`). */
export const prefersReducedMotion = (view: Window): boolean => !!queryOf(view)?.matches;

/** Calls `heard` when the system begins to ask for less motion, until released. */
export function onReducedMotion(view: Window, heard: () => void): () => void {
  const query = queryOf(view);
  // jsdom's stand-ins for a media query have no events.
  if (!query?.addEventListener) return () => {};
  return listen(query, { change: () => query.matches && heard() });
}
