// A script for the head of pages that a server makes: it remembers presses that nothing can act on yet, and presses again once
// what they were for is wired. The engine does no more than say so (engine/early-presses.ts).
//
// What the platform does by itself (a checkbox, a <details>, a button whose command it knows) is not remembered: it has
// happened, and is found in the markup. What waits is shown by an animation, which leaves the markup as the server wrote it: a
// framework that takes the page over compares every attribute.

/** The controls that were pressed, in order, with what and what shows that they wait. */
let presses: [control: HTMLElement, press: MouseEvent, sign: Animation][] = [];
const wired = new WeakSet<Element>();

const native = 'a,input,select,textarea,summary,label';
const ours =
  '[commandfor],[aria-controls],[role=tab],[role=switch],[role=option],[role=treeitem],[role=combobox],[role^=menuitem]';

/** What a control names. */
const namedBy = (control: Element): Element | null =>
  document.getElementById(control.getAttribute('commandfor') ?? control.getAttribute('aria-controls') ?? '');

/** Whether a control asks what it names for something by name, and nothing else. */
const commands = (control: Element): boolean => control.matches('[commandfor]');

/** Whether the platform acts on a press of this control. */
const isNative = (control: Element): boolean => {
  const command = control.getAttribute('command');
  return commands(control) && command
    ? 'commandForElement' in control && !command.startsWith('--')
    : control.matches(`${native},[type=submit],[type=reset]`);
};

/** Whether something that is wired acts on a press of `control` by itself: what it names, or what is around it. */
const isActedOn = (control: Element): boolean => {
  let at = commands(control) ? null : control;
  while (at && !wired.has(at)) at = at.parentElement;
  at ??= namedBy(control);
  return !!at && wired.has(at);
};

const onPress = (press: MouseEvent): void => {
  // What was pressed is an element; a document that a program clicks has no such function.
  const control = (press.target as Element).closest?.<HTMLElement>(`button,${native},${ours}`);
  if (control?.matches(ours) && !isNative(control) && !isActedOn(control))
    presses.push([
      control,
      press,
      control.animate({ opacity: 0.4 }, { duration: 900, iterations: Infinity }),
    ]);
};

/** `root` is wired: what was pressed for it is pressed again, when everything that is wired in the same task is too. */
const onWired = (root: Element): void => {
  wired.add(root);
  presses = presses.filter(([control, press, sign]) => {
    const named = namedBy(control);
    const isMine =
      named === root || (!commands(control) && root.contains(control) && (!named || root.contains(named)));
    if (isMine) {
      sign.cancel();
      // By a pointer or a key, with or without Shift: as it was. `click()` would make it a key.
      setTimeout(() => control.dispatchEvent(press));
    }
    return !isMine;
  });
};

/** What a user has opened or closed in the meantime is what its markup asks for. */
const onToggle = ({ target, newState }: Event & { newState?: string }): void => {
  // Only elements toggle.
  const root = target as HTMLElement;
  if (root.dataset['wireOpen'] && !wired.has(root)) root.dataset['wireOpen'] = `${newState === 'open'}`;
};

// Harmless where there is no page.
const on = globalThis.addEventListener;
on?.('click', onPress, true);
on?.('toggle', onToggle, true);
Reflect.set(globalThis, Symbol.for('elastic-shell.early'), onWired);
