// The options of a menu, and the argument of `onPick`.
import type { MenuChoices, MenuIntent, MenuState } from '../../core/contract/menu.js';
import type { Engine } from '../../engine/service.js';
import type { KeysOption, OpenOptions } from '../../engine/types.js';
import type { AnchorOptions } from '../../position/anchored.js';

/** An item was activated. */
export interface MenuPick {
  /** The key of the item. */
  key: string;
  /** The control that opened the menu, or the element on which a context menu was requested. */
  about: Element | undefined;
  /** For a checkbox or radio item: whether it is checked now. */
  checked: boolean;
  /** The event that activated it. */
  event: Event;
}

/** The options of a menu. */
export interface MenuOptions
  extends OpenOptions<MenuState>, MenuChoices, Omit<AnchorOptions, 'anchor' | 'fit'> {
  /**
   * Sets the keys of the checked items: an initial value, or a cell that is read and written.
   *
   * @defaultValue the markup
   * @example { checked: ['grid'] }
   */
  checked?: KeysOption;
  /**
   * Called after items have been checked or unchecked, with the keys of the checked items.
   *
   * @defaultValue none
   * @example { onChecked: (keys) => save(keys) }
   */
  onChecked?: (checked: ReadonlySet<string>) => void;
  /**
   * Called when an item is activated, with its key and the element that the menu is about.
   *
   * It is called after the page shows the checked state. The item also receives a click.
   *
   * @defaultValue none
   * @example { onPick: ({ key, about }) => run(key, about) }
   */
  onPick?(pick: MenuPick): void;
  /**
   * Sets where a right click, Shift+F10, the Menu key or a long press opens it: an element, a selector, or a
   * function that returns an element.
   *
   * The function may return null until the element exists.
   *
   * @defaultValue none
   * @example { context: '#orders' }
   */
  context?: Element | string | (() => Element | null | undefined);
  /**
   * Sets how long the pointer must rest on an item before its submenu opens, in milliseconds.
   *
   * @defaultValue 150
   * @example { hoverDelay: 300 }
   */
  hoverDelay?: number;
  /**
   * Sets the position as in CSS `position-area`: a side such as `block-end`, then the alignment along the
   * anchor.
   *
   * @defaultValue `block-end span-inline-end`, or `inline-end span-block-end` for a submenu
   * @example { area: 'block-end span-inline-end' }
   */
  area?: AnchorOptions['area'];
  /**
   * Sets the distance from its anchor, in pixels.
   *
   * @defaultValue 4, or 0 for a submenu
   * @example { gap: 12 }
   */
  gap?: AnchorOptions['gap'];
}

/** A running menu, as its parts see it. */
export type MenuEngine = Engine<MenuState, MenuOptions, MenuIntent>;
