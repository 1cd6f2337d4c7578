// Holds the page still while a modal is open, without the sideways shift of a vanishing scrollbar.
//
// Where a scrollbar takes room, the page is padded by as much while it is gone, so that what stands in it stays where it is, and
// the backdrop and a drawer reach the edge of the window. What the page fixes to that edge itself may keep clear of it by
// --shell-scrollbar. Locks are counted for each document: the first takes the scrolling away, the last gives back what stood there.

import { windowOf, zoomOf } from '../engine/dom.js';
import { keepStyleAttribute } from '../engine/style-attribute.js';

interface Lock {
  users: number;
  restore(): void;
}

/**
 * Where the lock of a document is kept: on the document itself, so that several copies of this library on a page share it. With a lock
 * for each, the first to let go would give back what the other has written.
 */
const place = Symbol.for('elastic-shell.scroll-lock');

const lockOf = (document: Document): Lock | undefined => Reflect.get(document, place);

/** What keeps the room of the page's scrollbar, where that takes any and the page does not keep it already. */
const roomOf = (root: HTMLElement): [name: string, value: string][] => {
  const view = windowOf(root);
  const width = view.innerWidth / zoomOf(root) - root.clientWidth;
  const computed = view.getComputedStyle(root);
  if (width <= 0 || !root.clientWidth || /stable/.test(computed.scrollbarGutter)) return [];
  // At the left where the text of the page runs from the right, in some browsers.
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
      // A value that another script set meanwhile is kept.
      for (const [name, value, priority] of before)
        if (style.getPropertyValue(name) === after.get(name)) style.setProperty(name, value, priority);
      tidy();
      Reflect.deleteProperty(document, place);
    },
  };
};

/** Locks the scrolling of `document` until every lock on it is released. */
export function lockScroll(document: Document): () => void {
  const held = lockOf(document) ?? lock(document);
  Object.defineProperty(document, place, { value: held, configurable: true });
  held.users++;
  return () => {
    if (!--held.users) held.restore();
  };
}
