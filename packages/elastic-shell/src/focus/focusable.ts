// Focus: which elements can take it, where it moves first, and how it wraps. Order and containment are those
// of the flat tree (`engine/flat.ts`). The platform alone is not enough: its first focus may be the close
// button.
import { hasWords } from '../core/text.js';
import { closest, matches, matchOf, treeOf } from '../engine/dom.js';
import { elementsIn, focusedFrom, holds, isWithin } from '../engine/flat.js';
import { headings } from '../labels/labels.js';

/** A focus target: an element, a selector, or a function that finds one. */
export type FocusChoice = Element | string | null | (() => Element | null | undefined);

const focusable =
  'a[href],area[href],button,input:not([type=hidden]),select,textarea,summary,iframe,audio[controls],video[controls],[contenteditable],[tabindex]';

/** Returns the focused element in the tree of `element`: the document, or a shadow root. */
export const activeIn = (element: Element): Element | null =>
  treeOf(element).activeElement ?? element.ownerDocument.activeElement;

/** Focuses `element`, if it exists and can take focus. */
export const focusOn = (element: Element | null | undefined, options?: FocusOptions): void => {
  if (element && 'focus' in element && typeof element.focus === 'function') element.focus(options);
};

/**
 * Returns whether an element is visible, enabled and not inert.
 *
 * @param element - The element.
 * @returns Whether it can take focus.
 */
export const canFocus = (element: Element): boolean =>
  !matches(element, ':disabled') &&
  !isWithin(element, '[inert]') &&
  (element.checkVisibility?.({ visibilityProperty: true }) ??
    !closest(element, '[hidden],dialog:not([open])'));

/** Returns the first of `elements` that matches, passes the test and can take focus. */
const first = (
  elements: readonly HTMLElement[],
  selector: string,
  fits = (_: HTMLElement): boolean => true,
): HTMLElement | undefined =>
  elements.find((element) => matches(element, selector) && fits(element) && canFocus(element));

const isRadio = (element: HTMLElement): element is HTMLInputElement =>
  element.matches('input[type=radio][name]');

/**
 * A group of radio buttons is one tab stop: the checked one, or else the one with focus, or else the first.
 */
const isStop = (element: HTMLElement, all: HTMLElement[]): boolean => {
  if (!isRadio(element)) return true;
  const { name, form } = element;
  const group = all.filter(isRadio).filter((other) => other.name === name && other.form === form);
  const active = element.ownerDocument.activeElement;
  return (
    element === (group.find((radio) => radio.checked) ?? group.find((radio) => radio === active) ?? group[0])
  );
};

/** A host that delegates focus isn't a tab stop itself, and a host that Tab skips contains none. */
const isPassedOver = (element: Element): boolean =>
  !!element.shadowRoot?.delegatesFocus || isHostPassed(treeOf(element));

const isHostPassed = (tree: Document | ShadowRoot): boolean =>
  'host' in tree && (tree.host.getAttribute('tabindex')?.startsWith('-') || isHostPassed(treeOf(tree.host)));

const stopsAmong = (elements: readonly HTMLElement[]): HTMLElement[] =>
  elements
    .filter((element) => matches(element, focusable) && element.tabIndex >= 0 && canFocus(element))
    .filter((element, _, all) => !isPassedOver(element) && isStop(element, all));

/** Returns the tab stops within `scope`, in the order in which they are displayed. */
export const tabbables = (scope: ParentNode & Node): HTMLElement[] =>
  stopsAmong(elementsIn(scope, focusable));

/** Returns whether `scope` will contain a tab stop once it is shown. It may be inert now. */
export const holdsStop = (scope: Element): boolean => {
  const isOne = (element: HTMLElement): boolean => {
    const inert = closest(element, '[inert]');
    return (
      element.tabIndex >= 0 &&
      !matches(element, ':disabled') &&
      (!inert || inert === scope || !scope.contains(inert))
    );
  };
  return (
    [...scope.querySelectorAll<HTMLElement>(focusable)].some(isOne) ||
    elementsIn(scope, focusable).some(isOne)
  );
};

/**
 * Returns whether an element may contain tab stops that no script can find: a component without an open
 * shadow root and without a known tab stop.
 */
const isOpaque = (element: HTMLElement, stops: readonly HTMLElement[]): boolean =>
  /^(?!shell-).*-/.test(element.localName) &&
  !element.shadowRoot &&
  canFocus(element) &&
  !stops.some((stop) => holds(element, stop) || holds(stop, element));

/**
 * Keeps Tab and Shift+Tab within `scope`: from its last tab stop to its first, and back. The browser moves
 * towards tab stops in a closed shadow root.
 */
export function wrapTab(event: KeyboardEvent, scope: HTMLElement): void {
  const all = elementsIn(scope, '*');
  const stops = stopsAmong(all);
  const places = all.filter((element) => stops.includes(element) || isOpaque(element, stops));
  const active = focusedFrom(scope);
  const from = all.findIndex((element) => element === active);
  const isAhead = (element: HTMLElement): boolean =>
    event.shiftKey ? all.indexOf(element) < from : all.indexOf(element) > from;
  // The focused element may contain more than one tab stop.
  if (places.some((place) => isAhead(place) || (place === active && !stops.includes(place)))) return;
  event.preventDefault();
  // A component takes focus only if it delegates it.
  for (const place of event.shiftKey ? places.reverse() : places) {
    place.focus();
    if (activeIn(place) === place) return;
  }
}

/** Returns the element of a focus target. */
export const chosen = (
  choice: FocusChoice | undefined,
  scope: ParentNode,
  option = 'firstFocus',
): Element | null | undefined =>
  typeof choice === 'function'
    ? choice()
    : typeof choice === 'string'
      ? matchOf(scope, choice, option)
      : choice;

/** Returns true for a button that closes without a result, or with the result "cancel". */
const isSafe = (action: HTMLElement, commands: Readonly<Record<string, string>>): boolean =>
  /^(cancel)?$/.test(action.getAttribute('value') ?? '') &&
  (commands[action.getAttribute('command') ?? '-'] === 'close' || !!action.closest('[method=dialog]'));

/**
 * Moves focus into a layer that has opened: to the target of the option, or else to [autofocus], the first
 * field, the least destructive action or the heading. A close button in the header comes last. Elements below
 * the visible part are skipped, so that a long text starts at its top.
 */
export function focusFirst(
  root: HTMLElement,
  choice: FocusChoice | undefined,
  commands: Readonly<Record<string, string>>,
  makeFocusable: (heading: Element) => void,
): void {
  const bottom = root.getBoundingClientRect().bottom;
  const inView = (element: HTMLElement): boolean => element.getBoundingClientRect().bottom <= bottom;
  const isAction = (element: HTMLElement): boolean =>
    inView(element) && hasWords(element.textContent) && !isWithin(element, 'header');
  const all = elementsIn(root, '*');
  const heading = all.find((element) => matches(element, headings));
  const target =
    chosen(choice, root) ??
    first(all, '[autofocus]') ??
    first(all, 'input:not([type=hidden]),select,textarea,[contenteditable]', inView) ??
    first(all, 'button', (action) => isAction(action) && isSafe(action, commands)) ??
    first(all, 'button,a[href]', isAction) ??
    heading;
  if (heading && target === heading) makeFocusable(heading);
  focusOn(target);
}

/** Returns the element in `root` that has replaced a removed one: the one with its id. */
const replaced = (root: HTMLElement, { id, isConnected }: Element): HTMLElement | undefined =>
  isConnected || !id ? undefined : elementsIn(root, '[id]').find((each) => each.id === id && canFocus(each));

/** Copies the caret or selection of one field to another. */
function takeCaret(
  to: Partial<HTMLInputElement>,
  { selectionStart, selectionEnd }: Partial<HTMLInputElement>,
): void {
  if (typeof selectionStart === 'number' && typeof to.selectionStart === 'number')
    to.setSelectionRange?.(selectionStart, selectionEnd ?? selectionStart);
}

/**
 * Returns focus to a modal layer that it left without a new target, by a click on plain text or because a
 * control was removed. Fields are skipped, because the caret would end a text selection, unless the field was
 * rendered again.
 */
export function holdFocus(root: HTMLElement, from: Element, makeFocusable: (heading: Element) => void): void {
  const again = replaced(root, from);
  if (again) {
    again.focus({ preventScroll: true });
    return takeCaret(again, from);
  }
  const [heading] = elementsIn(root, headings);
  const keeps = holds(root, from) && canFocus(from) && !from.matches('input,textarea,[contenteditable]');
  if (!keeps && heading) makeFocusable(heading);
  focusOn(keeps ? from : (heading ?? tabbables(root)[0]), { preventScroll: true });
}
