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
  /** The keys of the checked items, or a cell. Default: as the markup shows. */
  checked?: KeysOption;
  /** Hears every item that is activated, after what it checks is shown. Default: nobody; items are clicked in any case. */
  onPick?(pick: MenuPick): void;
  /**
   * Where a right press, Shift+F10, the Menu key or a long press opens it: an element, the selector of any, or a function that answers with an
   * element once it is there. Default: nowhere.
   */
  context?: Element | string | (() => Element | null | undefined);
  /** Milliseconds that the pointer rests on an item before its submenu opens. Default: 150. */
  hoverDelay?: number;
}

/** A running menu, as its parts see it. */
export type MenuEngine = Engine<MenuState, MenuOptions, MenuIntent>;
