// Wires a drawer: `wireDrawer`.
import { markupOf, namingOf } from '../../core/contract/dialog.js';
import { drawer, type DrawerChoices } from '../../core/contract/drawer.js';
import type { Openable } from '../../core/contract/openable.js';
import { type ContentOptions, withContent } from '../../content/content.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { lazyService } from '../../engine/lazy-service.js';
import type { OpenOptions } from '../../engine/types.js';
import { dialogFocus, type FocusOptions, popoverFocus } from '../../focus/focus-policy.js';
import { asAuthored, labelsOf } from '../../labels/labels.js';
import { layer } from '../../layer/layer.js';
import { withMessage } from '../../layer/message.js';
import { wireWithResult, type WithResult } from '../../layer/result.js';
import { asModal, asPopover, isShown, shownBefore } from '../../layer/top-layer.js';
import type { LayerOptions } from '../../layer/types.js';
import { closeWhen } from './breakpoint.js';

/** The options of a drawer. */
export interface DrawerOptions
  extends OpenOptions<Openable>, DrawerChoices, LayerOptions, FocusOptions, ContentOptions {}

/** A wired drawer: its state `open`, and the methods `show`, `close`, `toggle` and `ask`. */
export interface Drawer extends WithResult<DrawerOptions> {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireDrawer`. */
    drawer: DrawerOptions;
  }
}
registerPattern(drawer.name, drawer.options, wireDrawer);

/**
 * Wires a drawer: a dialog at an edge of the screen. Requires structure.css to place it. Follows the WAI-ARIA
 * dialog pattern.
 *
 * @param root - The `<dialog>`.
 * @param own - The options.
 * @returns The wired drawer.
 * @throws TypeError if `root` isn't a `<dialog>` or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export function wireDrawer(root: HTMLElement, own?: DrawerOptions): Drawer {
  const options = optionsOf(drawer, own, root);
  const contract = {
    ...drawer,
    adopted: () => shownBefore(root),
    read: () => ({ open: (options.modal ?? true) ? root.hasAttribute('open') : isShown(root) }),
  };
  return wireWithResult<DrawerOptions>(root, contract, options, (engine, ended, element) => {
    const isModal = options.modal ?? true;
    const markup = markupOf(asAuthored(root));
    const labels = labelsOf(engine, (title, description) => namingOf(markup, title, description));
    const asDialog = dialogFocus(engine, labels);
    const service = layer(engine, {
      showing: isModal ? asModal(element) : asPopover(root),
      focus: isModal ? asDialog : { ...popoverFocus(engine), enter: asDialog.enter },
      labels,
      outside: isModal ? 'close' : 'keep',
      ended,
    });
    const edge = options.edge ?? 'inline-start';
    // Swiping isn't possible before it is open, so the module can load a moment later. Not every browser
    // reports whether a screen is a touch screen.
    const load = async () => (await import('./swipe.js')).onSwipe(engine, edge);
    const swiped = lazyService(service, engine, load);
    return closeWhen(engine, options.closedWhen, withContent(engine, withMessage(engine, swiped)));
  });
}
