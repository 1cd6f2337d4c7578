// Holds the page still while a modal is open, without the sideways shift of a vanishing scrollbar.
//
// Locks are counted for each document: the first takes the scrolling away, the last gives back what stood there.

import { keepStyleAttribute } from '../engine/style-attribute.js';

interface Lock {
  users: number;
  restore(): void;
}

const locks = new WeakMap<Document, Lock>();

const lock = (document: Document): Lock => {
  const root = document.documentElement;
  const { style } = root;
  const { overflow, scrollbarGutter } = style;
  const tidy = keepStyleAttribute(root);
  const hasScrollbar = root.clientWidth < (document.defaultView?.innerWidth ?? 0);
  if (hasScrollbar) style.scrollbarGutter = 'stable';
  style.overflow = 'hidden';
  return {
    users: 0,
    restore() {
      style.overflow = overflow;
      style.scrollbarGutter = scrollbarGutter;
      tidy();
      locks.delete(document);
    },
  };
};

/** Locks the scrolling of `document` until every lock on it is released. */
export function lockScroll(document: Document): () => void {
  const held = locks.get(document) ?? lock(document);
  locks.set(document, held);
  held.users++;
  return () => {
    if (!--held.users) held.restore();
  };
}
