// Rotation: the next slide, and whether the slides may rotate now. Pure.

/** The conditions for rotation. */
export interface RotationView {
  /** The user or the page has started it. */
  rotating: boolean;
  hovered: boolean;
  focused: boolean;
  /** The page is in the background. */
  hidden: boolean;
}

/** Returns whether the slides rotate now: nothing pauses them. */
export const isTurning = (view: RotationView): boolean =>
  view.rotating && !view.hovered && !view.focused && !view.hidden;
