// A sample of a third-party widget: it draws into an element until it is destroyed.

/** @param {string} tag @param {Record<string, string | number>} attributes */
const drawn = (tag, attributes) => {
  const made = document.createElementNS('http://www.w3.org/2000/svg', tag);
  for (const [name, value] of Object.entries(attributes)) made.setAttribute(name, String(value));
  return made;
};

/** A small plot of heights, as an image with a name. */
export class TidePlot {
  /**
   * @param {Element} element where it draws
   * @param {readonly number[]} heights in metres
   */
  constructor(element, heights) {
    this.element = element;
    const plot = drawn('svg', {
      role: 'img',
      'aria-label': `Heights: ${heights.join(', ')} metres`,
      viewBox: '0 0 110 60',
      width: 110,
    });
    for (const [at, height] of heights.entries())
      plot.append(
        drawn('rect', {
          x: at * 22,
          y: 60 - height * 12,
          width: 18,
          height: height * 12,
          fill: 'currentColor',
        }),
      );
    element.append(plot);
  }

  /** Removes the drawing. */
  destroy() {
    this.element.replaceChildren();
  }
}
