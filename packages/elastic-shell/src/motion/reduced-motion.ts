// Whether the user wants things to hold still.

/** True when the system asks for less motion (CSS `prefers-reduced-motion`). */
export const prefersReducedMotion = (view: Window): boolean =>
  !!view.matchMedia?.('(prefers-reduced-motion: reduce)').matches;
