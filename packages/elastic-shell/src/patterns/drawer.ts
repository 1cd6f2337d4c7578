// The drawer on a `<dialog>`: `wireDrawer`.
import { markupOf, namingOf } from '../core/contract/dialog.js';
import { drawer, type DrawerChoices, drawerChoices } from '../core/contract/drawer.js';
import { type Asking, wireAsking } from '../dom/asking.js';
import { closeWhen } from '../dom/breakpoint.js';
import { floating, isShown } from '../dom/floating.js';
import { modal, type ModalOptions } from '../dom/modal.js';
import { checkChoices } from '../dom/options.js';
import type { OpenOptions } from '../dom/types.js';

export interface DrawerOptions extends OpenOptions, DrawerChoices, ModalOptions {}

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
export function wireDrawer(root: HTMLElement, options: DrawerOptions = {}): Drawer {
  checkChoices('drawer', options, drawerChoices);
  const isModal = options.modal ?? true;
  const contract = isModal ? drawer : { ...drawer, read: () => ({ open: isShown(root) }) };
  return wireAsking(root, contract, options, (engine, ended) => {
    const markup = markupOf(root);
    const { outside } = engine.options;
    const naming = (title?: string, description?: string) => namingOf(markup, title, description);
    const service = isModal
      ? modal(engine, { outside: outside ?? 'close', naming, ended })
      : floating(engine, {
          anchored: false,
          outside: 'keep',
          focusOut: 'keep',
          takesFocus: true,
          returnsFocus: true,
          naming,
          ended,
        });
    return closeWhen(engine, engine.options.closedWhen, service);
  });
}
