// Focus rests on a modal dialog for a moment before it goes on to a control, so that a screen reader announces both.
//
// Two moves of focus in one frame are one move to browsers, and the dialog would not be announced. Firefox with Orca would announce not
// even the control: the button that had focus leaves the accessibility tree, and Orca takes what has focus by then for read already.
import { listen } from '../events/listen.js';
import { activeIn } from './focusable.js';

/** Milliseconds that focus rests on the dialog. With 50, Firefox and Orca leave out most names; with 100, one in fifteen. */
const rest = 150;

/**
 * Focuses `root`, and calls `goOn` a moment later, or at the first key, unless focus has moved by itself. Calls it at once for those who
 * use a pointer: only within their touch may a field bring up the keyboard on the screen. Returns what goes on now, if focus rests.
 */
export function readFirst(
  root: HTMLElement,
  isByKeys: boolean | undefined,
  goOn: () => void,
): (() => void) | undefined {
  // Without a layout, as in jsdom, no screen reader is there.
  if (!isByKeys || !root.clientHeight) return void goOn();
  root.focus();
  const next = (event?: KeyboardEvent): void => {
    release();
    if (activeIn(root) !== root) return;
    goOn();
    if (!event) return;
    // The key was meant for the control, so its listeners get the event. Typing and moving is the browser's work. WebKit does that work
    // for the repeated event too: if Tab has moved focus already, the first event must not move it again.
    event.stopPropagation();
    const control = activeIn(root);
    if (!control?.dispatchEvent(new KeyboardEvent(event.type, event)) || activeIn(root) !== control)
      event.preventDefault();
  };
  // The timer isn't cleared, because it does nothing once focus has moved to a control.
  setTimeout(next, rest);
  // A blur of the window reaches the dialog. Without this, focus would stay on the dialog when the user returns to the window.
  const release = listen(root, { keydown: next, blur: () => next() });
  return next;
}
