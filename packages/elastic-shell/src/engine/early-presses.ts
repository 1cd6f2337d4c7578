// Early presses: those that came before anything was wired, which a script in the head of the page (early.ts) has kept. Each is
// acted on once, when what it was for is wired and everything else that was wired in the same task is too.
import { engineNamed, engineOf, namedBy } from './registry.js';
import { elementNamed } from './dom.js';

interface Early {
  presses: Element[];
  acts?(control: Element): boolean;
}

const keptIn = (global: object): Early | undefined => Reflect.get(global, Symbol.for('elastic-shell.early'));

/** Whether a press on `control` was meant for `root`. */
function isFor(root: HTMLElement, control: Element): boolean {
  const id = namedBy(control);
  if (control.hasAttribute('commandfor')) return id === root.id;
  const named = elementNamed(control, id);
  return named === root || (root.contains(control) && (!named || root.contains(named)));
}

/** Whether something that is wired acts on a press of `control` by itself. */
function acts(control: Element): boolean {
  if (engineNamed(control, namedBy(control))) return true;
  if (control.hasAttribute('commandfor')) return false;
  let at: Element | null = control;
  while (at && !engineOf(at)) at = at.parentElement;
  return !!at;
}

/** Acts on the early presses that were for `root`, soon; `isOver`: it is wired no more. */
export function pressEarly(root: HTMLElement, isOver: () => boolean): void {
  const early = keptIn(globalThis);
  if (!early) return;
  early.acts ??= acts;
  if (!early.presses.some((control) => isFor(root, control))) return;
  setTimeout(() => {
    if (isOver()) return;
    const mine = early.presses.filter((control) => isFor(root, control));
    early.presses = early.presses.filter((control) => !mine.includes(control));
    for (const control of mine) if (control instanceof HTMLElement && control.isConnected) control.click();
  });
}
