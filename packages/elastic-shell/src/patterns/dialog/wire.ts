// Wires a modal dialog or an alert dialog: `wireDialog`.
import type { Openable } from '../../core/contract/openable.js';
import { dialog, type DialogChoices, markupOf, namingOf, outsideOf } from '../../core/contract/dialog.js';
import { type ContentOptions, withContent } from '../../content/content.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import type { OpenOptions } from '../../engine/types.js';
import { dialogFocus, type FocusOptions } from '../../focus/focus-policy.js';
import { whenTouched } from '../../engine/untouched.js';
import { asAuthored, labelsOf } from '../../labels/labels.js';
import { layer } from '../../layer/layer.js';
import { withMessage } from '../../layer/message.js';
import { isDialog, wireWithResult, type WithResult } from '../../layer/result.js';
import { asModal, shownBefore } from '../../layer/top-layer.js';
import type { LayerOptions } from '../../layer/types.js';

/** The options of a dialog. */
export interface DialogOptions
  extends OpenOptions<Openable>, DialogChoices, LayerOptions, FocusOptions, ContentOptions {}

/** A wired dialog: its state `open`, and the methods `show`, `close`, `toggle` and `ask`. */
export interface Dialog extends WithResult<DialogOptions> {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireDialog`. */
    dialog: DialogOptions;
  }
}
registerPattern(dialog.name, dialog.options, wireDialog);

/**
 * Wires a modal dialog, or an alert dialog if `root` has role="alertdialog". Buttons open and close it with
 * `commandfor`, and the value of the closing button is the result. Follows the WAI-ARIA dialog pattern.
 *
 * @param root - The `<dialog>`.
 * @param own - The options.
 * @returns The wired dialog.
 * @throws TypeError if `root` isn't a `<dialog>` or is already wired, or if an option is unknown or has an
 * invalid value.
 * @example const { ask } = wireDialog(document.querySelector('dialog')); if ((await ask()) === 'delete')
 * deleteOrder();
 */
export function wireDialog(root: HTMLElement, own?: DialogOptions): Dialog {
  const options = optionsOf(dialog, own, root);
  const contract = { ...dialog, adopted: () => shownBefore(root) };
  const make = (): Dialog =>
    wireWithResult<DialogOptions>(root, contract, options, (engine, ended, element) => {
      const markup = markupOf(asAuthored(root));
      const labels = labelsOf(engine, (title, description) => namingOf(markup, title, description));
      const service = layer(engine, {
        showing: asModal(element),
        focus: dialogFocus(engine, labels),
        labels,
        outside: outsideOf(options, markup),
        ended,
      });
      return withContent(engine, withMessage(engine, service));
    });
  // Content may be needed before it opens.
  const canWait =
    isDialog(root) && !root.hasAttribute('open') && options.open === undefined && !options.content;
  return canWait ? whenTouched(root, contract, options, make) : make();
}
