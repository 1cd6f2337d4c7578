// Early clicks: those before anything was wired. A script in the head of server-rendered pages (early.ts)
// stores them, and is notified of each root that is wired.

/** Notifies the script that `root` is wired, if the page has it. */
export const tellWired = (root: Element): unknown =>
  Reflect.get(globalThis, Symbol.for('elastic-shell.early'))?.(root);
