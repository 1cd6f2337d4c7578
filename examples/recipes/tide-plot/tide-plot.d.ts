/** Draws heights of water into an element, until it is destroyed. */
export class TidePlot {
  constructor(place: HTMLElement, heights: readonly number[]);
  destroy(): void;
}
