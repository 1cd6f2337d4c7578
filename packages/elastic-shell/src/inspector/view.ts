// What the views of the inspector share.
import type { Marked, Overlay } from './overlay.js';

/** The functions that a view may call. */
export interface Context {
  readonly document: Document;
  readonly overlay: Overlay;
  /** Returns the element that has focus on the page, or had it before focus moved into the inspector. */
  focusOnPage(): HTMLElement | undefined;
  /** Scrolls an element into view, and marks it. */
  point(element: Element, more?: readonly Marked[]): void;
  /** Shows what has happened to a root. */
  showHappenings(root: HTMLElement): void;
}

/** A view: a tab and its panel. */
export interface View {
  readonly key: string;
  readonly title: string;
  readonly element: HTMLElement;
  /** Updates the view. Called while it is visible, at most once a frame. */
  refresh(): void;
  /** The view was shown or hidden. */
  turn?(isShown: boolean): void;
  /** Returns how many problems it shows. */
  count?(): number;
}
