// The drawer on a `<dialog>`: `wireDrawer`.
import { markupOf, namingOf } from '../../core/contract/dialog.js';
import { drawer, type DrawerChoices, drawerChoices } from '../../core/contract/drawer.js';
import { type WithResult, wireWithResult } from '../../layer/result.js';
import { closeWhen } from './breakpoint.js';
import { type ContentOptions, withContent } from '../../content/content.js';
import { dialogFocus, type FocusOptions, popoverFocus } from '../../focus/focus-policy.js';
import { layer, type LayerOptions } from '../../layer/layer.js';
import { withMessage } from '../../layer/message.js';
import { labelsOf } from '../../labels/labels.js';
import { optionsOf } from '../../engine/options.js';
import { asModal, asPopover, isShown } from '../../layer/top-layer.js';
import { onSwipe } from './swipe.js';
import type { OpenOptions } from '../../engine/types.js';

export interface DrawerOptions
  extends OpenOptions, DrawerChoices, LayerOptions, FocusOptions, ContentOptions {}

export type Drawer = WithResult;

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    drawer: DrawerOptions;
  }
}

/**
 * Wires a drawer: a dialog at an edge of the screen. Needs structure.css for its place. Throws a
 * TypeError when `root` is no `<dialog>` or is wired already, or an option's value is unknown.
 */
export function wireDrawer(root: HTMLElement, own: DrawerOptions = {}): Drawer {
  const options = optionsOf('drawer', own, drawerChoices);
  const isModal = options.modal ?? true;
  const contract = isModal ? drawer : { ...drawer, read: () => ({ open: isShown(root) }) };
  return wireWithResult<DrawerOptions>(root, contract, options, (engine, ended) => {
    const markup = markupOf(root);
    const names = labelsOf(engine, (title, description) => namingOf(markup, title, description));
    const focusing = dialogFocus(engine, names);
    const service = layer(engine, {
      showing: isModal ? asModal(root as HTMLDialogElement) : asPopover(root),
      focusing: isModal ? focusing : { ...popoverFocus(engine), enter: focusing.enter },
      names,
      outside: isModal ? 'close' : 'keep',
      ended,
    });
    const swiped = onSwipe(engine, options.edge ?? 'inline-start', service);
    return closeWhen(engine, options.closedWhen, withContent(engine, withMessage(engine, swiped)));
  });
}
