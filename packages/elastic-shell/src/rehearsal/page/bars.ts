// Toolbars and menubars, whose items are in a line with one tab stop.
import { allOf, isShown, nameOf, roleOf } from '../../heard/dom.js';
import type { Widget } from './widgets.js';

const controls =
  'button,a[href],input:not([type=hidden]),select,textarea,summary,[role=button],[role=checkbox],[role=radio],[role=switch],[role=combobox],[role=slider],[role=spinbutton]';
const others = '[popover],dialog,[role=menu],[role=menubar],[role=listbox],[role=tree],[role=toolbar]';

/** Returns the toolbars and menubars of the page. */
export const bars = (): Widget[] =>
  allOf('[role=toolbar],[role=menubar]')
    .filter(isShown)
    .flatMap((root): Widget[] => {
      const isMenubar = roleOf(root) === 'menubar';
      const items = (): HTMLElement[] =>
        allOf(isMenubar ? '[role^=menuitem]' : controls, root).filter(
          (item) =>
            item.parentElement?.closest(others) === root && isShown(item) && !item.matches(':disabled'),
        );
      const pattern = isMenubar ? 'menubar' : 'toolbar';
      const widget: Widget = {
        pattern,
        kind: pattern,
        name: nameOf(root),
        root,
        items,
        stop: () => items().find((item) => item.tabIndex === 0) ?? items()[0],
      };
      return items().length ? [widget] : [];
    });
