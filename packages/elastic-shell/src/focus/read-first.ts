// Focus rests on a modal dialog for a moment before it goes on to a control, so that a screen reader announces both.
//
// Two moves of focus in one frame are one move to browsers, and the dialog would not be announced. Firefox with Orca would announce not
// even the control: the button that had focus leaves the accessibility tree, and Orca takes what has focus by then for read already.
import { windowOf } from '../engine/dom.js';
import { coming } from '../engine/lazy-service.js';
import { activeIn, focusOn } from './focusable.js';

/** Milliseconds that focus rests on the dialog. With 50, Firefox and Orca leave out most names; with 100, one in fifteen. */
const rest = 150;

/** Whether what has focus was reached with the keyboard, or by a program that a key or a screen reader has set off, in a page that is drawn. */
const isRead = (root: HTMLElement): boolean =>
  root.getClientRects().length > 0 && root.matches(':modal:focus-visible');

/** Has what has focus now hear of a key that was meant for it. What it types, or moves, the browser does there by itself. */
function repeat(event: KeyboardEvent, root: HTMLElement): void {
  const target = activeIn(root);
  if (!target || target === root) return;
  const { KeyboardEvent } = windowOf(root);
  event.stopPropagation();
  if (!target.dispatchEvent(new KeyboardEvent(event.type, event))) event.preventDefault();
}

/**
 * Focuses `root`, and calls `goOn` a moment later, or at the first key, unless focus has moved by itself. Calls it at once for those who
 * use a pointer: only within their touch may a field bring up the keyboard on the screen. Returns what goes on now.
 */
export function readFirst(root: HTMLElement, goOn: () => void): () => void {
  focusOn(root, { preventScroll: true });
  if (!isRead(root)) {
    goOn();
    return () => {};
  }
  coming.count++;
  let isOver = false;
  const end = (): void => {
    if (isOver) return;
    isOver = true;
    coming.count--;
    clearTimeout(timer);
    root.removeEventListener('keydown', next, true);
    root.removeEventListener('blur', end);
  };
  const next = (event?: KeyboardEvent): void => {
    end();
    if (activeIn(root) !== root) return;
    goOn();
    if (event) repeat(event, root);
  };
  const timer = setTimeout(() => next(), rest);
  root.addEventListener('keydown', next, true);
  root.addEventListener('blur', end);
  return () => next();
}
