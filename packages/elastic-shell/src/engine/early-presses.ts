// Early presses: those that came before anything was wired. A script in the head of a page that a server makes (early.ts) has
// kept them, and hears of each root that is wired.

/** Tells the script that `root` is wired, where there is such a script. */
export const tellWired = (root: Element): unknown =>
  Reflect.get(globalThis, Symbol.for('elastic-shell.early'))?.(root);
