// The modal dialog and the alert dialog on a `<dialog>`: `wireDialog`.
import {
  choices,
  dialog,
  type DialogChoices,
  markupOf,
  namingOf,
  outsideOf,
} from '../core/contract/dialog.js';
import { type Asking, wireAsking } from '../dom/asking.js';
import { modal, type ModalOptions } from '../dom/modal.js';
import { checkChoices } from '../dom/options.js';
import type { OpenOptions } from '../dom/types.js';

export interface DialogOptions extends OpenOptions, DialogChoices, ModalOptions {}

export type Dialog = Asking;

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
  checkChoices('dialog', options, choices);
  return wireAsking(root, dialog, options, (engine, ended) => {
    const markup = markupOf(root);
    return modal(engine, {
      outside: outsideOf(engine.options, markup),
      naming: (title, description) => namingOf(markup, title, description),
      ended,
    });
  });
}
