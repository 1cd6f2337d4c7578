// A script for the head of pages that a server makes: it remembers presses that nothing can act on yet, and presses again once
// what they were for is wired. The engine does no more than say so (engine/early-presses.ts).
//
// What the platform does by itself (a checkbox, a <details>, a button whose command it knows) is not remembered: it has
// happened, and is found in the markup.

/** The controls that were pressed, in order. */
let presses: HTMLElement[] = [];
const wired = new WeakSet<Element>();

const roles = ['tab', 'switch', 'option', 'treeitem', 'combobox', 'menuitem']
  .map((role) => `[role=${role}]`)
  .join();

/** What a control names. */
const namedBy = (control: Element): Element | null => {
  const id = control.getAttribute('commandfor') ?? control.getAttribute('aria-controls');
  return id ? document.getElementById(id) : null;
};

/** Whether the platform acts on a press of this control. */
const isNative = (control: Element): boolean => {
  if (control.matches('a,input,select,textarea,summary,label')) return true;
  const command = control.getAttribute('command');
  if (control.hasAttribute('commandfor') && command)
    return 'commandForElement' in HTMLButtonElement.prototype && !command.startsWith('--');
  return control.matches('[type=submit],[type=reset]');
};

/** Whether something that is wired acts on a press of `control` by itself. */
const isActedOn = (control: Element): boolean => {
  const named = namedBy(control);
  if (named && wired.has(named)) return true;
  let at = control.hasAttribute('commandfor') ? null : control.parentElement;
  while (at && !wired.has(at)) at = at.parentElement;
  return !!at || wired.has(control);
};

const onPress = ({ target }: Event): void => {
  const selector = `button,a,input,select,summary,label,${roles}`;
  const control = target instanceof Element ? target.closest<HTMLElement>(selector) : null;
  if (!control || isNative(control) || isActedOn(control)) return;
  if (control.matches(`[commandfor],[aria-controls],${roles}`)) presses.push(control);
};

/** Whether a press on `control` was meant for `root`. */
const isFor = (root: Element, control: Element): boolean => {
  const named = namedBy(control);
  if (named === root || control.hasAttribute('commandfor')) return named === root;
  return root.contains(control) && (!named || root.contains(named));
};

/** `root` is wired: what was pressed for it is pressed again, when everything that is wired in the same task is too. */
const onWired = (root: Element): void => {
  wired.add(root);
  const mine = presses.filter((control) => isFor(root, control));
  presses = presses.filter((control) => !mine.includes(control));
  if (mine.length) setTimeout(() => mine.forEach((control) => control.click()));
};

// Harmless where there is no page.
if (typeof document !== 'undefined') {
  addEventListener('click', onPress, true);
  Reflect.set(globalThis, Symbol.for('elastic-shell.early'), onWired);
}
