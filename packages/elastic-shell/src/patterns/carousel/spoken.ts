// Collects the text of a slide for screen readers: its text nodes and the alternative texts of its images, in
// order.
import { isElement } from '../../engine/dom.js';

const silent = '[hidden],[aria-hidden=true],script,style,template';

const wordsIn = (node: Node): string => {
  if (!isElement(node)) return node.nodeName === '#text' ? (node.textContent ?? '') : '';
  if (node.matches(silent)) return '';
  return (
    node.getAttribute('aria-label') ?? node.getAttribute('alt') ?? [...node.childNodes].map(wordsIn).join(' ')
  );
};

/** Returns the name and the text of a slide: `2 of 4, The keel`. */
export const spoken = (slide: Element, name: string): string =>
  [name, ...[...slide.childNodes].map(wordsIn)]
    .map((words) => words.replace(/\s+/g, ' ').trim())
    .filter(Boolean)
    .join(', ');
