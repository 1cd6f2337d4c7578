// A script for the head of pages that a server makes: it remembers presses that nothing can act on yet. The engine takes each
// up once, when it wires what the press was for (engine/early-presses.ts).
//
// What the platform does by itself (a checkbox, a <details>, a button whose command it knows) is not remembered: it has
// happened, and is found in the markup.

/** What the page keeps under `Symbol.for('elastic-shell.early')`. */
interface Early {
  /** The controls that were pressed, in order. */
  presses: Element[];
  /** Set by the engine: whether something that is wired acts on a control by itself. */
  acts?(control: Element): boolean;
}

const early: Early = { presses: [] };
Reflect.set(globalThis, Symbol.for('elastic-shell.early'), early);

const knowsCommands = 'commandForElement' in HTMLButtonElement.prototype;
const roles = ['tab', 'switch', 'option', 'treeitem', 'combobox', 'menuitem']
  .map((role) => `[role=${role}]`)
  .join();

/** Whether the platform acts on a press of this control. */
const isNative = (control: Element): boolean => {
  if (control.matches('a,input,select,textarea,summary,label')) return true;
  const command = control.getAttribute('command');
  if (control.hasAttribute('commandfor') && command) return knowsCommands && !command.startsWith('--');
  return control.matches('[type=submit],[type=reset]');
};

addEventListener(
  'click',
  (event) => {
    const { target } = event;
    const control =
      target instanceof Element ? target.closest(`button,a,input,select,summary,label,${roles}`) : null;
    if (!control || isNative(control) || early.acts?.(control)) return;
    if (control.matches(`[commandfor],[aria-controls],${roles}`)) early.presses.push(control);
  },
  true,
);
