// Rotation: which slide follows, and whether the slides may turn by themselves now. Pure.

export interface RotationView {
  /** The user, or the page, wants it. */
  rotating: boolean;
  hovered: boolean;
  focused: boolean;
  /** The page is in the background. */
  hidden: boolean;
  reducedMotion: boolean;
}

/** True while slides turn by themselves: nothing pauses them. */
export const isTurning = (view: RotationView): boolean =>
  view.rotating && !view.hovered && !view.focused && !view.hidden && !view.reducedMotion;

/** The slide `by` further on of `count`, from 0; at an end it stays, unless it wraps. */
export function slideFrom(slide: number, by: number, count: number, wrap: boolean): number {
  if (!count) return 0;
  const to = slide + by;
  return wrap ? ((to % count) + count) % count : Math.max(0, Math.min(to, count - 1));
}
