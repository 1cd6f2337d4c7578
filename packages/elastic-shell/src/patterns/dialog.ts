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
import { type ContentOptions, withContent } from '../dom/content.js';
import { dialogFocus, type FocusOptions } from '../dom/focusing.js';
import { layer, type LayerOptions } from '../dom/layer.js';
import { withMessage } from '../dom/message.js';
import { namer } from '../dom/naming.js';
import { optionsOf } from '../dom/options.js';
import { asModal } from '../dom/showing.js';
import type { OpenOptions } from '../dom/types.js';

export interface DialogOptions
  extends OpenOptions, DialogChoices, LayerOptions, FocusOptions, ContentOptions {}

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
export function wireDialog(root: HTMLElement, own: DialogOptions = {}): Dialog {
  const options = optionsOf('dialog', own, choices);
  return wireAsking<DialogOptions>(root, dialog, options, (engine, ended) => {
    const markup = markupOf(root);
    const names = namer(engine, (title, description) => namingOf(markup, title, description));
    const service = layer(engine, {
      showing: asModal(root as HTMLDialogElement),
      focusing: dialogFocus(engine, names),
      names,
      outside: outsideOf(options, markup),
      ended,
    });
    return withContent(engine, withMessage(engine, service));
  });
}
