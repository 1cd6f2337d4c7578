// Puts elements into an order with as few moves as may be, and never moves the one that holds focus: that would lose it.

import { activeIn } from '../focus.js';

/** Has `parent` hold `children` and nothing else, in their order. */
export function arrange(parent: Element, children: readonly Element[]): void {
  const wanted = new Set(children);
  const active = activeIn(parent);
  for (const child of [...parent.children]) if (!wanted.has(child)) child.remove();
  let at: Element | null = parent.firstElementChild;
  for (const child of children) {
    if (child !== at && child.contains(active))
      // What stands before it comes again at its own turn.
      while (at && at !== child) {
        const next: Element | null = at.nextElementSibling;
        at.remove();
        at = next;
      }
    if (child === at) at = at.nextElementSibling;
    else parent.insertBefore(child, at);
  }
}
