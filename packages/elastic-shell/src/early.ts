// A script for the head of server-rendered pages. It records clicks that nothing can handle yet, and repeats
// them when their target is wired. The engine only notifies it (engine/early-presses.ts). Clicks that the
// platform handles (a checkbox, a <details>, a button with a command that it supports) are not recorded:
// their result is in the markup. An animation shows that a control waits, because it leaves the markup as the
// server wrote it: a framework that hydrates the page compares every attribute.

/** The controls that were clicked, in order, each with the event and the animation. */
let presses: [control: HTMLElement, press: MouseEvent, sign: Animation][] = [];
const wired = new WeakSet<Element>();

const native = 'a,input,select,textarea,summary,label';
const ours =
  '[commandfor],[aria-controls],[role=tab],[role=switch],[role=option],[role=treeitem],[role=combobox],[role^=menuitem]';

/** Returns the id that a control refers to. */
const namedBy = (control: Element): Element | null =>
  document.getElementById(control.getAttribute('commandfor') ?? control.getAttribute('aria-controls') ?? '');

/** Returns whether a control only requests something by name from the element that it refers to. */
const commands = (control: Element): boolean => control.matches('[commandfor]');

/** Returns whether the platform handles a click on this control. */
const isNative = (control: Element): boolean => {
  const command = control.getAttribute('command');
  return commands(control) && command
    ? 'commandForElement' in control && !command.startsWith('--')
    : control.matches(`${native},[type=submit],[type=reset]`);
};

/** Returns whether a wired element handles a click on `control` by itself: its target, or an ancestor. */
const isActedOn = (control: Element): boolean => {
  let at = commands(control) ? null : control;
  while (at && !wired.has(at)) at = at.parentElement;
  at ??= namedBy(control);
  return !!at && wired.has(at);
};

const onPress = (press: MouseEvent): void => {
  // The target of a click is an element. When a program clicks the document, it has no such method.
  const control = (press.target as Element).closest?.<HTMLElement>(`button,${native},${ours}`);
  if (control?.matches(ours) && !isNative(control) && !isActedOn(control))
    presses.push([
      control,
      press,
      control.animate({ opacity: 0.4 }, { duration: 900, iterations: Infinity }),
    ]);
};

/** `root` is wired: its clicks are repeated, when everything in the same task is wired too. */
const onWired = (root: Element): void => {
  wired.add(root);
  presses = presses.filter(([control, press, sign]) => {
    const named = namedBy(control);
    const isMine =
      named === root || (!commands(control) && root.contains(control) && (!named || root.contains(named)));
    if (isMine) {
      sign.cancel();
      // With the pointer or a key, with or without Shift, as before. `click()` would count as a key.
      setTimeout(() => control.dispatchEvent(press));
    }
    return !isMine;
  });
};

/** The markup contains what a user has opened or closed in the meantime. */
const onToggle = ({ target, newState }: Event & { newState?: string }): void => {
  // Only elements toggle.
  const root = target as HTMLElement;
  if (root.dataset['wireOpen'] && !wired.has(root)) root.dataset['wireOpen'] = `${newState === 'open'}`;
};

// Does nothing without a page.
const on = globalThis.addEventListener;
on?.('click', onPress, true);
on?.('toggle', onToggle, true);
Reflect.set(globalThis, Symbol.for('elastic-shell.early'), onWired);
