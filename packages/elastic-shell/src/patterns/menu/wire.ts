// The menu on an element: `wireMenu`.
import { type Cell, cell, type ReadCell } from '../../core/cell.js';
import { menu, menuChoices, type MenuState } from '../../core/contract/menu.js';
import { parseArea } from '../../core/layers/placement.js';
import { type Engine, wire } from '../../engine/engine.js';
import { itemsOf } from '../../list/items.js';
import { type MenuOptions, ownItems, run } from './controller.js';
import { optionsOf } from '../../engine/options.js';
import { firstKeys } from '../../list/rows/source.js';
import { isShown } from '../../layer/top-layer.js';
import type { Wired } from '../../engine/types.js';

export type { MenuOptions, Pick } from './controller.js';

export interface Menu extends Wired {
  readonly open: Cell<boolean>;
  /** The keys of the checked items. An item's key is its data-key, else id, else place from 0. */
  readonly checked: Cell<ReadonlySet<string>>;
  readonly current: Cell<string | undefined>;
  /** What it was last opened about. */
  readonly about: ReadCell<Element | undefined>;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    menu: MenuOptions;
  }
}

/**
 * Wires a menu: `root` has role="menu" and holds its items. Buttons open it by `commandfor` or `aria-controls`; an item
 * that names another menu opens that as its submenu, which is wired by itself. Needs structure.css for its place.
 * Follows the WAI-ARIA menu and menu button patterns. Throws a TypeError when `root` is no element or is wired
 * already, or an option's value is unknown.
 */
export function wireMenu(root: HTMLElement, own: MenuOptions = {}): Menu {
  const options = optionsOf('menu', own, menuChoices as never);
  if (options.area !== undefined) parseArea(options.area);
  const about = cell<Element | undefined>(undefined);
  let running: Engine<MenuState, MenuOptions> | undefined;
  const read = (): MenuState => ({
    open: isShown(root),
    ...(running ? { checked: running.state().checked, current: running.state().current } : marked()),
  });
  const marked = (): Omit<MenuState, 'open'> => ({
    checked: new Set(
      itemsOf(root, () => ownItems(root))
        .all()
        .flatMap(({ element, key }) => (element.ariaChecked === 'true' ? [key] : [])),
    ),
    current: undefined,
  });
  const given = { ...options, checked: firstKeys(options.checked) } as MenuOptions;
  const wired = wire<MenuState, MenuOptions>(root, { ...menu, read }, given, (engine) => {
    running = engine;
    return run(engine, given, about);
  });
  return { ...wired, about };
}
