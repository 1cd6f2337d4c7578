// The widgets of a page that were found.

/** A widget with its parts. Some are looked up each time, because they may be added and removed. */
export interface Widget {
  pattern: string;
  kind: string;
  name: string;
  readonly root: HTMLElement;
  opener?: HTMLElement | undefined;
  items?: () => HTMLElement[];
  /** Its tab stop. */
  stop?: () => HTMLElement | undefined;
  /** What it shows: panels, slides. */
  panels?: () => Element[];
}

/** The widgets by id. */
export const widgets: Widget[] = [];
