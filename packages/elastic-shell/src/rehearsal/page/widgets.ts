// The widgets of a page, as they were found.

/** A widget: its parts, some of which are looked for each time, as they may come and go. */
export interface Widget {
  pattern: string;
  kind: string;
  name: string;
  readonly root: HTMLElement;
  opener?: HTMLElement | undefined;
  items?: () => HTMLElement[];
  /** What Tab goes to in it. */
  stop?: () => HTMLElement | undefined;
  /** What it shows: panels, slides. */
  panels?: () => Element[];
}

/** By their ids. */
export const widgets: Widget[] = [];
