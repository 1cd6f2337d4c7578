// Prevents the page from scrolling while a modal layer is open, without the shift that a vanishing scrollbar
// causes. If the scrollbar takes up space, the page gets padding of the same width while it is gone. The
// content stays in place, and the backdrop and a drawer reach the edge of the window. Elements that the page
// fixes to that edge can use --shell-scrollbar to avoid it. Locks are counted for each document: the first
// one stops scrolling, and the last one restores the previous style.

import { windowOf, zoomOf } from '../engine/dom.js';
import { keepStyleAttribute } from '../engine/style-attribute.js';

interface Lock {
  users: number;
  restore(): void;
}

/**
 * The lock of a document is stored on the document, so that several copies of the library share it. With a
 * lock for each copy, the first release would restore what another copy has written.
 */
const place = Symbol.for('elastic-shell.scroll-lock');

const lockOf = (document: Document): Lock | undefined => Reflect.get(document, place);

/**
 * Returns the style that reserves the space of the page's scrollbar, if it takes up space that the page
 * doesn't reserve already.
 */
const roomOf = (root: HTMLElement): [name: string, value: string][] => {
  const view = windowOf(root);
  const width = view.innerWidth / zoomOf(root) - root.clientWidth;
  const computed = view.getComputedStyle(root);
  if (width <= 0 || !root.clientWidth || /stable/.test(computed.scrollbarGutter)) return [];
  // In some browsers it is on the left if the text of the page runs from right to left.
  const side = root.clientLeft ? 'left' : 'right';
  const padding = Number.parseFloat(computed.getPropertyValue(`padding-${side}`)) || 0;
  return [
    [`padding-${side}`, `${padding + width}px`],
    ['--shell-scrollbar', `${width}px`],
  ];
};

const lock = (document: Document): Lock => {
  const root = document.documentElement;
  const { style } = root;
  const tidy = keepStyleAttribute(root);
  const written: [name: string, value: string][] = [['overflow', 'hidden'], ...roomOf(root)];
  const before = written.map(
    ([name]) => [name, style.getPropertyValue(name), style.getPropertyPriority(name)] as const,
  );
  for (const [name, value] of written) style.setProperty(name, value);
  const after = new Map(written.map(([name]) => [name, style.getPropertyValue(name)]));
  return {
    users: 0,
    restore() {
      // A value that another script has set meanwhile is kept.
      for (const [name, value, priority] of before)
        if (style.getPropertyValue(name) === after.get(name)) style.setProperty(name, value, priority);
      tidy();
      Reflect.deleteProperty(document, place);
    },
  };
};

/** Prevents `document` from scrolling until every lock on it is released. */
export function lockScroll(document: Document): () => void {
  const held = lockOf(document) ?? lock(document);
  Object.defineProperty(document, place, { value: held, configurable: true });
  held.users++;
  return () => {
    if (!--held.users) held.restore();
  };
}
