// What users give to a menu and hear of it.
import type { MenuChoices, MenuIntent, MenuState } from '../../core/contract/menu.js';
import type { Engine } from '../../engine/service.js';
import type { KeysOption, OpenOptions } from '../../engine/types.js';
import type { AnchorOptions } from '../../position/anchored.js';

/** An item was activated. */
export interface MenuPick {
  key: string;
  /** What the menu was about: the control that opened it, or the element that a context menu was asked for on. */
  about: Element | undefined;
  /** For an item that checks: whether it is checked now. */
  checked: boolean;
  event: Event;
}

/** The options of a menu. */
export interface MenuOptions
  extends OpenOptions<MenuState>, MenuChoices, Omit<AnchorOptions, 'anchor' | 'fit'> {
  /**
   * The keys of the checked items: the first value, or a cell that is read and written.
   *
   * @defaultValue as the markup shows
   */
  checked?: KeysOption;
  /** Is called after items were checked or unchecked, with the keys of those that are checked. @defaultValue none */
  onChecked?: (checked: ReadonlySet<string>) => void;
  /**
   * Is called when an item is activated, with its key and what the menu is about.
   *
   * It is called after the page shows what the item checks. The item is clicked in any case.
   *
   * @defaultValue none
   */
  onPick?(pick: MenuPick): void;
  /**
   * Where a right press, Shift+F10, the Menu key or a long press opens it: an element, a selector, or a function
   * that returns an element.
   *
   * The function may return nothing until the element is there.
   *
   * @defaultValue nowhere
   */
  context?: Element | string | (() => Element | null | undefined);
  /** How long the pointer must rest on an item before its submenu opens, in milliseconds. @defaultValue 150 */
  hoverDelay?: number;
  /**
   * Where it stands, as in CSS `position-area`: a side such as `block-end`, then how it lies along the anchor.
   *
   * @defaultValue `block-end span-inline-end`; `inline-end span-block-end` for a submenu
   */
  area?: AnchorOptions['area'];
  /** The distance from its anchor, in pixels. @defaultValue 4; 0 for a submenu */
  gap?: AnchorOptions['gap'];
}

/** A running menu, as its parts see it. */
export type MenuEngine = Engine<MenuState, MenuOptions, MenuIntent>;
