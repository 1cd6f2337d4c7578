// Keys and clicks as events, with the browser's own reaction: Tab moves focus, Enter and Space click, letters
// are typed. For tests in jsdom, where nothing else does that. In a browser, its own keys are better.
import { tabbables } from '../focus/focusable.js';
import { focused } from '../heard/dom.js';
import { plainEvent } from './platform.js';

/** A key with modifiers: `Shift+Tab`, `Control+a`, `Space`. */
function initOf(chord: string): KeyboardEventInit & { key: string } {
  const parts = chord === '+' ? ['+'] : chord.split('+');
  const name = parts.pop() ?? '';
  const key = name === 'Space' ? ' ' : name;
  return {
    key,
    code: key === ' ' ? 'Space' : /^[a-z]$/i.test(key) ? `Key${key.toUpperCase()}` : key,
    shiftKey: parts.includes('Shift'),
    ctrlKey: parts.includes('Control'),
    altKey: parts.includes('Alt'),
    metaKey: parts.includes('Meta'),
    bubbles: true,
    cancelable: true,
    composed: true,
  };
}

const isTextField = (element: Element): element is HTMLInputElement | HTMLTextAreaElement =>
  element.matches(
    'textarea,input:not([type=checkbox],[type=radio],[type=button],[type=submit],[type=reset],[type=range],[type=color],[type=file])',
  );

/** Returns the element that contains everything Tab can reach: a modal dialog if one is open. */
function scopeOf(document: Document): Element {
  const dialogs = [...document.querySelectorAll<HTMLElement>('dialog')];
  const modal = dialogs.filter((dialog) =>
    'showModal' in dialog
      ? dialog.matches(':modal')
      : dialog.hasAttribute('open') && dialog.ariaModal === 'true',
  );
  return modal.at(-1) ?? document.documentElement;
}

/** Moves focus to the next or previous tab stop, and from the last one to the page itself. */
function goOn(from: Element, isBack: boolean): void {
  const { ownerDocument: document } = from;
  const stops = tabbables(scopeOf(document));
  const before = stops.filter(
    (stop) => from.compareDocumentPosition(stop) & Node.DOCUMENT_POSITION_PRECEDING,
  );
  const after = stops.filter((stop) => from.compareDocumentPosition(stop) & Node.DOCUMENT_POSITION_FOLLOWING);
  const isNowhere = from === document.body || from === document.documentElement;
  const to = isBack
    ? (isNowhere ? stops : before.filter((stop) => !stop.contains(from))).at(-1)
    : isNowhere
      ? stops[0]
      : after[0];
  if (to) to.focus();
  else if (from instanceof HTMLElement) from.blur();
}

/** Types into a field what a browser types for a key. */
function write(field: HTMLInputElement | HTMLTextAreaElement, key: string): void {
  const { value, selectionStart, selectionEnd } = field;
  const [start, end] = [selectionStart ?? value.length, selectionEnd ?? value.length];
  const text = key === 'Backspace' ? '' : key;
  const from = key === 'Backspace' && start === end ? Math.max(0, start - 1) : start;
  field.setRangeText(text, from, end, 'end');
  const inputType = key === 'Backspace' ? 'deleteContentBackward' : 'insertText';
  field.dispatchEvent(
    new InputEvent('input', { bubbles: true, composed: true, data: text || null, inputType }),
  );
}

/** Selects another option of a `<select>`. */
function choose(select: HTMLSelectElement, key: string): void {
  const last = select.options.length - 1;
  const at = { ArrowDown: select.selectedIndex + 1, ArrowUp: select.selectedIndex - 1, Home: 0, End: last }[
    key
  ];
  if (at === undefined || at < 0 || at > last || at === select.selectedIndex) return;
  select.selectedIndex = at;
  for (const type of ['input', 'change']) select.dispatchEvent(plainEvent(select, type, false, true));
}

const isPressed = 'button,summary,a[href],input[type=button],input[type=submit],input[type=reset],area[href]';

/** Does what a browser does on keydown, if no listener prevented it. */
function act(element: Element, { key, shiftKey, ctrlKey, metaKey, altKey }: ReturnType<typeof initOf>): void {
  const isHeld = !!(ctrlKey || metaKey || altKey);
  if (key === 'Tab') return goOn(element, !!shiftKey);
  if (key === 'Enter' && element.matches(isPressed)) return click(element);
  if (element instanceof HTMLSelectElement) return choose(element, key);
  if (!isTextField(element)) return;
  if (key === 'Enter' && element instanceof HTMLInputElement) element.form?.requestSubmit();
  else if (key === 'a' && (ctrlKey || metaKey)) element.select();
  else if (!isHeld && (key.length === 1 || key === 'Backspace')) write(element, key);
}

/**
 * Clicks a control like a pointer, or like assistive technology, for which `detail` is 0, as it is for keys.
 */
export function click(element: Element, detail = 0): void {
  element.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, composed: true, detail }));
}

/** Presses a key on the focused element: keydown, the browser's reaction, keyup. */
export function pressKey(chord: string): void {
  const init = initOf(chord);
  const element = focused() ?? document.body;
  if (!element.dispatchEvent(new KeyboardEvent('keydown', init))) return;
  act(element, init);
  const now = focused() ?? document.body;
  const isUp = now.dispatchEvent(new KeyboardEvent('keyup', init));
  if (
    init.key === ' ' &&
    isUp &&
    now === element &&
    element.matches(`${isPressed},input[type=checkbox],input[type=radio]`) &&
    !element.matches('a,area')
  )
    click(element);
}

/** Creates a pointer event, or a mouse event if that class is missing. */
const pointer = (type: string, more: MouseEventInit = {}): Event =>
  new (globalThis.PointerEvent ?? MouseEvent)(type, {
    bubbles: true,
    cancelable: true,
    composed: true,
    button: 0,
    ...more,
  });

/** Clicks an element with the pointer: down, focus, up, click. */
export function pressPointer(element: Element): void {
  const isTaken = !element.dispatchEvent(pointer('pointerdown'));
  const mouse = { bubbles: true, cancelable: true, composed: true, button: 0, detail: 1 };
  const mayFocus = element.dispatchEvent(new MouseEvent('mousedown', mouse));
  if (mayFocus && !isTaken) {
    const stop = element.closest<HTMLElement>('button,a[href],input,select,textarea,summary,[tabindex]');
    if (stop) stop.focus();
    else if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  }
  element.dispatchEvent(pointer('pointerup'));
  element.dispatchEvent(new MouseEvent('mouseup', mouse));
  click(element, 1);
}

/** Moves the pointer onto an element. */
export function hover(element: Element): void {
  for (const type of ['pointerover', 'pointerenter', 'pointermove'])
    element.dispatchEvent(pointer(type, { bubbles: type !== 'pointerenter' }));
  for (const type of ['mouseover', 'mouseenter', 'mousemove'])
    element.dispatchEvent(new MouseEvent(type, { bubbles: type !== 'mouseenter' }));
}
