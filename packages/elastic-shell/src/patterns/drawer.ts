// The drawer on a `<dialog>`: `wireDrawer`.
import { markupOf, namingOf } from '../core/contract/dialog.js';
import { drawer, type DrawerChoices, drawerChoices } from '../core/contract/drawer.js';
import { type Asking, wireAsking } from '../dom/asking.js';
import { closeWhen } from '../dom/breakpoint.js';
import { type ContentOptions, withContent } from '../dom/content.js';
import { dialogFocus, type FocusOptions, popoverFocus } from '../dom/focusing.js';
import { layer, type LayerOptions } from '../dom/layer.js';
import { withMessage } from '../dom/message.js';
import { namer } from '../dom/naming.js';
import { optionsOf } from '../dom/options.js';
import { asModal, asPopover, isShown } from '../dom/showing.js';
import { onSwipe } from '../dom/swipe.js';
import type { OpenOptions } from '../dom/types.js';

export interface DrawerOptions
  extends OpenOptions, DrawerChoices, LayerOptions, FocusOptions, ContentOptions {}

export type Drawer = Asking;

declare module '../dom/defaults.js' {
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
  return wireAsking<DrawerOptions>(root, contract, options, (engine, ended) => {
    const markup = markupOf(root);
    const names = namer(engine, (title, description) => namingOf(markup, title, description));
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
