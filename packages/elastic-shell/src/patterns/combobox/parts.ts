// Finds the parts of a combobox by role.

import { described } from '../../engine/dom.js';

/** The parts of one combobox. */
export interface ComboboxParts {
  /** The element that keeps focus and names the current option. */
  holder: HTMLElement;
  /** The text field, if there is one. */
  field: HTMLInputElement | undefined;
  /**
   * The element that opens the list when it is clicked: the holder itself, or a button if the holder is
   * inside the popup.
   */
  trigger: HTMLElement;
  list: HTMLElement;
  popup: HTMLElement;
  /** The element that the list is placed beside. */
  box: HTMLElement;
}

const isField = (holder: HTMLElement): holder is HTMLInputElement => holder.matches('input,textarea');

/** Finds the parts in `root`. Throws a TypeError that names the missing part. */
export function comboboxParts(root: HTMLElement): ComboboxParts {
  const find = (selector: string, what: string): HTMLElement => {
    const found = root?.querySelector?.<HTMLElement>(selector);
    if (found) return found;
    throw new TypeError(`elastic-shell: combobox needs ${what} in ${described(root)}, and found none`);
  };
  const holder = find('[role=combobox]', 'an element with role="combobox"');
  const list = find('[role=listbox]', 'an element with role="listbox"');
  const popup = list.closest<HTMLElement>('[popover],[data-popup]') ?? list;
  const trigger = popup.contains(holder)
    ? find('button[aria-haspopup]', 'a <button> with aria-haspopup for a search box in the list')
    : holder;
  return {
    holder,
    list,
    popup,
    trigger,
    field: isField(holder) ? holder : undefined,
    box: trigger.closest<HTMLElement>('[data-box]') ?? trigger,
  };
}
