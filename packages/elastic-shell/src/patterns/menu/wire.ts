// Wires a menu: `wireMenu`.
import { cell, type ReadCell } from '../../core/cell.js';
import { menu, type MenuIntent, type MenuState } from '../../core/contract/menu.js';
import { parseArea } from '../../core/layers/placement.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { wire } from '../../engine/engine.js';
import { onFirstTouch } from '../../engine/first-touch.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, Wired } from '../../engine/types.js';
import { whenTouched } from '../../engine/untouched.js';
import { firstKeys } from '../../list/rows/source.js';
import { isClosedPopover, isShown, shownBefore } from '../../layer/top-layer.js';
import { type OpenMethods, openMethods } from '../../layer/methods.js';
import { markupItems } from '../../list/items.js';
import { controller } from './controller.js';
import { ownItems } from './items.js';
import type { MenuEngine, MenuOptions } from './types.js';

export type { MenuOptions, MenuPick } from './types.js';

/**
 * A wired menu: its states and methods. The key of an item is its `data-key`, `id` or index, in that order.
 */
export interface Menu extends Wired<MenuOptions>, Cells<MenuState>, OpenMethods {
  /**
   * The element that it was last opened about: its opener, or the element on which a context menu was
   * requested.
   */
  readonly about: ReadCell<Element | undefined>;
  /**
   * Checks an item. In a group of radio items, the others are unchecked.
   *
   * @param key - The key of the item.
   */
  check(key: string): void;
  /**
   * Unchecks an item.
   *
   * @param key - The key of the item.
   */
  uncheck(key: string): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireMenu`. */
    menu: MenuOptions;
  }
}
registerPattern(menu.name, menu.options, wireMenu);

/** Returns the keys of the items that are checked in the markup. */
const checkedIn = (root: HTMLElement): ReadonlySet<string> =>
  new Set(
    markupItems(root, () => ownItems(root))
      .all()
      .flatMap(({ element, key }) => (element.ariaChecked === 'true' ? [key] : [])),
  );

/** A context menu is wired at once, because it can be requested anywhere on the page. */
const canWait = (root: HTMLElement, { open, checked, context }: MenuOptions): boolean =>
  open === undefined && checked === undefined && !context && isClosedPopover(root);

/**
 * Wires a menu. `root` has role="menu" and contains its items. Buttons open it with `commandfor` or
 * `aria-controls`. An item that names another menu opens it as a submenu, which is wired separately. Requires
 * structure.css to place it. Follows the WAI-ARIA menu and menu button patterns.
 *
 * @param root - The element with role="menu".
 * @param own - The options.
 * @returns The wired menu.
 * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export function wireMenu(root: HTMLElement, own?: MenuOptions): Menu {
  const options = optionsOf(menu, own, root);
  if (options.area !== undefined) parseArea(options.area);
  let running: MenuEngine | undefined;
  // When it is read again, only the page decides whether it is visible.
  const read = (): MenuState => ({
    current: undefined,
    ...(running ? running.state() : { checked: checkedIn(root) }),
    open: isShown(root),
  });
  const contract = { ...menu, read, adopted: () => shownBefore(root) };
  const make = (): Menu => {
    const about = cell<Element | undefined>(undefined);
    const checked = firstKeys(options.checked);
    const wired = wire<MenuState, MenuOptions, MenuIntent>(
      root,
      contract,
      { ...options, ...(checked && { checked }) },
      (engine) => {
        running = engine;
        return controller(engine, about);
      },
    );
    const turn = (intent: 'check' | 'uncheck', key: string): void =>
      running?.intend(intent, { reason: 'program' }, key);
    return keepWired({
      ...wired,
      ...openMethods(wired),
      about,
      check: (key: string) => turn('check', key),
      uncheck: (key: string) => turn('uncheck', key),
    });
  };
  return canWait(root, options) ? whenTouched(root, contract, options, make, onFirstTouch) : make();
}
