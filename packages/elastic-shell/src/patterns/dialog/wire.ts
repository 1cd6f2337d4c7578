// The modal dialog and the alert dialog on a `<dialog>`: `wireDialog`.
import {
  choices,
  dialog,
  type DialogChoices,
  markupOf,
  namingOf,
  outsideOf,
} from '../../core/contract/dialog.js';
import { type WithResult, wireWithResult } from '../../layer/result.js';
import { type ContentOptions, withContent } from '../../content/content.js';
import { dialogFocus, type FocusOptions } from '../../focus/focus-policy.js';
import { layer, type LayerOptions } from '../../layer/layer.js';
import { withMessage } from '../../layer/message.js';
import { labelsOf } from '../../labels/labels.js';
import { optionsOf } from '../../engine/options.js';
import { asModal } from '../../layer/top-layer.js';
import type { OpenOptions } from '../../engine/types.js';

export interface DialogOptions
  extends OpenOptions, DialogChoices, LayerOptions, FocusOptions, ContentOptions {}

export type Dialog = WithResult;

declare module '../../engine/defaults.js' {
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
  return wireWithResult<DialogOptions>(root, dialog, options, (engine, ended) => {
    const markup = markupOf(root);
    const names = labelsOf(engine, (title, description) => namingOf(markup, title, description));
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
