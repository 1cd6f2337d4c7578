// Wires a menubar: `wireMenubar`. Its menus are wired separately, and `layer/menu-chain.ts` connects bar and
// menus.
import {
  menubar,
  type MenubarChoices,
  type MenubarIntent,
  menubarKeys,
  type MenubarState,
} from '../../core/contract/menubar.js';
import { elementAfter } from '../../list/roving.js';
import { menubarOutline } from '../../core/outline/menubar.js';
import { definePattern } from '../../engine/pattern.js';
import type { Engine, Service } from '../../engine/service.js';
import type { Cells, CommonOptions, StateOption, Wire, Wired } from '../../engine/types.js';
import { listen } from '../../events/listen.js';
import { canFocus, focusOn } from '../../focus/focusable.js';
import { stateCursor } from '../../list/cursor.js';
import { labelIn, type MarkupItems, markupItems } from '../../list/items.js';
import { lettersTo } from '../../list/letters.js';
import { list } from '../../list/list.js';
import { enterBar, type RunningMenu, submenuOf } from '../../layer/menu-chain.js';

/** The options of a menubar. */
export interface MenubarOptions extends CommonOptions<MenubarState>, MenubarChoices {
  /**
   * Sets the key of the item with the tab stop: an initial value, or a cell that is read and written.
   *
   * @defaultValue the first focusable item
   * @example { current: 'zoom' }
   */
  current?: StateOption<string | undefined>;
}

/** A wired menubar: its state `current`, the key of the item with the tab stop. */
export interface Menubar extends Wired<MenubarOptions>, Cells<MenubarState> {}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireMenubar`. */
    menubar: MenubarOptions;
  }
}

type MenubarEngine = Engine<MenubarState, MenubarOptions, MenubarIntent>;

const isOff = (item: Element): boolean => item.ariaDisabled === 'true';

/** Returns the open menu of the bar, with the item that opened it. */
function openMenu(items: MarkupItems): { menu: RunningMenu; item: HTMLElement } | undefined {
  for (const { element } of items.all()) {
    const menu = submenuOf(element);
    if (menu?.isOpen() && menu.opener() === element) return { menu, item: element };
  }
  return undefined;
}

/** Moves to another item. If a menu is open, the menu of that item opens instead. */
function turnTo(
  items: MarkupItems,
  item: HTMLElement,
  focus: 'first' | 'none',
  reason: 'key' | 'hover',
  event: Event,
): void {
  openMenu(items)?.menu.close('sibling', event);
  focusOn(item, { preventScroll: true });
  if (!isOff(item)) submenuOf(item)?.open(item, focus, reason, event);
}

/** Opens the menu of an item, or activates the item. */
function act(item: HTMLElement | undefined, intent: MenubarIntent, event: KeyboardEvent): boolean {
  const menu = submenuOf(item);
  if (!item || intent === 'go' || (!menu && intent !== 'activate')) return true;
  event.preventDefault();
  if (isOff(item)) return true;
  if (menu) menu.open(item, intent === 'last' ? 'last' : 'first', 'key', event);
  else item.click();
  return true;
}

function serve(engine: MenubarEngine): Service<MenubarState> {
  const { root, options } = engine;
  const items = markupItems(
    root,
    () =>
      [...root.querySelectorAll<HTMLElement>('[role^=menuitem]')].filter(
        (item) => item.closest('[role=menu],[role=menubar]') === root,
      ),
    { labelOf: labelIn },
  );
  const orientation = root.ariaOrientation === 'vertical' ? 'vertical' : 'horizontal';
  const reach = () => items.items().filter(({ key }) => canFocus(items.elementOf(key)!));
  const wrap = (): boolean => options.wrap ?? true;
  const parts = list<MenubarState, MenubarOptions, MenubarIntent>(engine, menubar, {
    items,
    cursor: stateCursor(engine),
    stop: () => [],
    reach,
    moves: {
      reachDisabled: true,
      get wrap() {
        return wrap();
      },
    },
    keys: () => menubarKeys({ orientation, ...options }),
    letters: lettersTo('go'),
    act: (intent, item, event) => act(items.elementOf(item?.key), intent, event),
    press(event, { disabled }) {
      if (disabled) event.preventDefault();
      return undefined;
    },
  });
  const releases = [
    enterBar(root, {
      go(from, isForward, event) {
        const elements = reach().map(({ key }) => items.elementOf(key)!);
        const next = elementAfter(elements, from, isForward ? 'next' : 'previous', { wrap: wrap() });
        if (next) turnTo(items, next, 'first', 'key', event);
      },
    }),
    listen(root, {
      pointermove(event) {
        const item = items.of(event.target)?.element;
        const open = event.pointerType === 'touch' ? undefined : openMenu(items);
        if (item && open && open.item !== item) turnTo(items, item, 'none', 'hover', event);
      },
    }),
  ];
  return {
    ...parts,
    show(change) {
      // Read first, because moving focus closes the menu.
      const open = openMenu(items);
      parts.show(change);
      const item = items.elementOf(change.value);
      // Moves between items with the keyboard while a menu is open.
      if (change.reason === 'key' && change.event && item && open && open.item !== item)
        turnTo(items, item, 'none', 'key', change.event);
    },
    release() {
      parts.release();
      releases.forEach((release) => release());
    },
  };
}

/** The pattern as one value. */
export const menubarPattern = definePattern({
  ...menubar,
  serve,
  element: { root: '[role=menubar]' },
  outline: menubarOutline,
});

/**
 * Wires a menubar. `root` has role="menubar" and contains its items. An item opens the menu that it names,
 * which is wired separately. Follows the WAI-ARIA menubar pattern.
 *
 * @param root - The element with role="menubar".
 * @param own - The options.
 * @returns The wired menubar.
 * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export const wireMenubar: Wire<MenubarOptions, Menubar> = menubarPattern.wire;
