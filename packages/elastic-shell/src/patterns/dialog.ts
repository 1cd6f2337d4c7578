// The modal dialog and the alert dialog on a `<dialog>`: `wireDialog`.
import type { Cell } from '../core/cell.js';
import { choices, dialog, type DialogChoices, namingOf, outsideOf } from '../core/contract/dialog.js';
import { wire } from '../dom/engine.js';
import { modal, type ModalOptions } from '../dom/modal.js';
import { checkChoices } from '../dom/options.js';
import type { OpenOptions, Wired } from '../dom/types.js';

export interface DialogOptions extends OpenOptions, DialogChoices, ModalOptions {}

export interface Dialog extends Wired {
  readonly root: HTMLDialogElement;
  readonly open: Cell<boolean>;
  /** Opens it, if the guard allows. */
  show(): void;
  /** Closes it, if the guard allows. `result` is what `ask` answers with. Default: null, as when dismissed. */
  close(result?: string | null): void;
  /** Opens it; answers with the value of the control that closed it, or null when it was dismissed. */
  ask(): Promise<string | null>;
}

declare module '../dom/defaults.js' {
  interface PatternOptions {
    dialog: DialogOptions;
  }
}

/**
 * Wires a modal dialog, or an alert dialog when `root` has role="alertdialog". Buttons open and close
 * it by `commandfor`; a closing button's value is the result. Follows the WAI-ARIA dialog pattern.
 * Throws a TypeError when `root` is no `<dialog>` or is wired already, or an option's value is unknown.
 */
export function wireDialog(root: HTMLElement, options: DialogOptions = {}): Dialog {
  if (root?.localName !== 'dialog')
    throw new TypeError(`elastic-shell: wireDialog needs a <dialog>, got ${root?.outerHTML ?? root}`);
  checkChoices('dialog', options, choices);

  let asks: ((result: string | null) => void)[] = [];
  const role = root.getAttribute('role');
  const markup = {
    role,
    named: root.matches('[aria-label],[aria-labelledby]'),
    described: root.hasAttribute('aria-describedby'),
  };
  let close: Dialog['close'];
  const wired = wire(root, dialog, options, (engine) => {
    close = (result = null) => engine.intend('close', { reason: 'program', result });
    return modal(engine, {
      outside: outsideOf(engine.options, markup),
      naming: (title, description) => namingOf(markup, title, description),
      ended(result) {
        const answered = asks;
        asks = [];
        for (const answer of answered) answer(result);
      },
    });
  });
  const show = (): void => wired.open.set(true);
  return {
    ...wired,
    root: root as HTMLDialogElement,
    show,
    close: close!,
    ask: () =>
      new Promise((resolve) => {
        asks.push(resolve);
        show();
        if (!wired.open.get() && !wired.busy.get()) resolve(null);
      }),
  };
}
