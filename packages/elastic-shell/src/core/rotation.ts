// Rotation: which slide follows, and whether the slides may turn by themselves now. Pure.

/** All that decides whether slides turn by themselves. */
export interface RotationView {
  /** The user, or the page, wants it. */
  rotating: boolean;
  hovered: boolean;
  focused: boolean;
  /** The page is in the background. */
  hidden: boolean;
}

/** True while slides turn by themselves: nothing pauses them. */
export const isTurning = (view: RotationView): boolean =>
  view.rotating && !view.hovered && !view.focused && !view.hidden;
