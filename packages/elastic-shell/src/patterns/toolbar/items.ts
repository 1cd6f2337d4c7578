// Finds the items of a toolbar in the markup, and the keys that items keep for themselves.

const controls =
  'button,a[href],input:not([type=hidden]),select,textarea,summary,[data-item],[role=button],[role=checkbox],[role=radio],[role=switch],[role=combobox],[role=slider],[role=spinbutton]';

/** Layers and widgets with items of their own: controls in them aren't items of the toolbar. */
const others = '[popover],dialog,[role=menu],[role=menubar],[role=listbox],[role=tree],[role=toolbar]';

/** Finds the controls of `root`, in order. */
export const controlsOf = (root: HTMLElement): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>(controls)].filter(
    (control) =>
      control.parentElement?.closest(others) === root.closest(others) &&
      !control.parentElement.closest('button,a[href]'),
  );

/** The types of text fields. */
const texts = /^(textarea|text|search|url|tel|password|email|date|time|month|week|datetime-local)$/;

const isField = (item: HTMLElement): item is HTMLInputElement | HTMLTextAreaElement =>
  item.matches('input,textarea');

/**
 * Returns whether the caret of a text field is at the end from which an arrow key leaves the text. Returns
 * undefined if the field doesn't report its caret.
 */
function isAtEdge(field: HTMLInputElement | HTMLTextAreaElement, isForward: boolean): boolean | undefined {
  const { selectionStart: start, selectionEnd: end, value } = field;
  return start === null ? undefined : start === end && start === (isForward ? value.length : 0);
}

/** Returns whether the focused item needs this key itself. */
export function keepsKey(item: HTMLElement, chord: string): boolean {
  const isInline = chord.startsWith('inline');
  const type = isField(item) ? item.type : '';
  if (item.matches('[role=slider]') || type === 'range') return true;
  if (item.matches('select,[role=spinbutton]') || type === 'number') return !isInline;
  if (item.isContentEditable) return true;
  if (!isField(item) || !texts.test(type)) return false;
  if (chord === 'Space') return true;
  if (!isInline) return type === 'textarea' || chord === 'Home' || chord === 'End';
  return !isAtEdge(item, chord === 'inline-next');
}
