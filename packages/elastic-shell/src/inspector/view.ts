// What the views of the inspector share.
import type { Marked, Overlay } from './overlay.js';

/** What a view may ask of the inspector. */
export interface Context {
  readonly document: Document;
  readonly overlay: Overlay;
  /** What has focus on the page, or had it before focus came into the inspector. */
  focusOnPage(): HTMLElement | undefined;
  /** Scrolls an element into view, and marks it. */
  point(element: Element, more?: readonly Marked[]): void;
  /** Shows what has happened to a root. */
  showHappenings(root: HTMLElement): void;
}

/** One view: a tab and its panel. */
export interface View {
  readonly key: string;
  readonly title: string;
  readonly element: HTMLElement;
  /** Shows how things stand now. Called while it is in view, at most once a frame. */
  refresh(): void;
  /** It comes into view, or goes. */
  turn?(isShown: boolean): void;
  /** How many things in it ask for attention. */
  count?(): number;
}
