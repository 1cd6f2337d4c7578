// Focus: what can take it, where it goes first, and how it wraps. Order and inside are those of the flat tree (`engine/flat.ts`).
//
// What the platform does by itself is not enough: its first focus may be the close cross.
import { hasWords } from '../core/text.js';
import { closest, matches, matchOf, treeOf } from '../engine/dom.js';
import { elementsIn, focusedFrom, holds, isWithin } from '../engine/flat.js';
import { headings } from '../labels/labels.js';

/** Where focus should go: an element, a selector, or a function that finds one. */
export type FocusChoice = Element | string | null | (() => Element | null | undefined);

const focusable =
  'a[href],area[href],button,input:not([type=hidden]),select,textarea,summary,iframe,audio[controls],video[controls],[contenteditable],[tabindex]';

/** What has focus in the tree that `element` stands in: the document, or a shadow root. */
export const activeIn = (element: Element): Element | null =>
  treeOf(element).activeElement ?? element.ownerDocument.activeElement;

/** Puts focus on `element`, if it is there and can take it. */
export const focusOn = (element: Element | null | undefined, options?: FocusOptions): void => {
  if (element && 'focus' in element && typeof element.focus === 'function') element.focus(options);
};

/** True when `element` shows and is neither disabled nor inert. */
export const canFocus = (element: Element): boolean =>
  !matches(element, ':disabled') &&
  !isWithin(element, '[inert]') &&
  (element.checkVisibility?.({ visibilityProperty: true }) ??
    !closest(element, '[hidden],dialog:not([open])'));

/** The first of `elements` that matches, fits and can take focus. */
const first = (
  elements: readonly HTMLElement[],
  selector: string,
  fits = (_: HTMLElement): boolean => true,
): HTMLElement | undefined =>
  elements.find((element) => matches(element, selector) && fits(element) && canFocus(element));

const isRadio = (element: HTMLElement): element is HTMLInputElement =>
  element.matches('input[type=radio][name]');

/** A group of radio buttons is one stop: the checked one, else the one that has focus, else the first. */
const isStop = (element: HTMLElement, all: HTMLElement[]): boolean => {
  if (!isRadio(element)) return true;
  const { name, form } = element;
  const group = all.filter(isRadio).filter((other) => other.name === name && other.form === form);
  const active = element.ownerDocument.activeElement;
  return (
    element === (group.find((radio) => radio.checked) ?? group.find((radio) => radio === active) ?? group[0])
  );
};

/** A host that hands focus on is no stop itself, and nothing in a host that Tab passes over is one. */
const isPassedOver = (element: Element): boolean =>
  !!element.shadowRoot?.delegatesFocus || isHostPassed(treeOf(element));

const isHostPassed = (tree: Document | ShadowRoot): boolean =>
  'host' in tree && (tree.host.getAttribute('tabindex')?.startsWith('-') || isHostPassed(treeOf(tree.host)));

const stopsAmong = (elements: readonly HTMLElement[]): HTMLElement[] =>
  elements
    .filter((element) => matches(element, focusable) && element.tabIndex >= 0 && canFocus(element))
    .filter((element, _, all) => !isPassedOver(element) && isStop(element, all));

/** The elements within `scope` that Tab stops at, in the order in which they are shown. */
export const tabbables = (scope: ParentNode & Node): HTMLElement[] =>
  stopsAmong(elementsIn(scope, focusable));

/** True when Tab would stop somewhere in `scope` once that shows: whether it is inert by now does not count. */
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

/** Whether an element may have stops that no script can find: a component without an open shadow root, and without a stop in sight. */
const isOpaque = (element: HTMLElement, stops: readonly HTMLElement[]): boolean =>
  /^(?!shell-).*-/.test(element.localName) &&
  !element.shadowRoot &&
  canFocus(element) &&
  !stops.some((stop) => holds(element, stop) || holds(stop, element));

/**
 * Keeps Tab and Shift+Tab within `scope`: from its last stop to its first, and back. Towards what may have stops in a closed shadow root
 * the browser moves.
 */
export function wrapTab(event: KeyboardEvent, scope: HTMLElement): void {
  const all = elementsIn(scope, '*');
  const stops = stopsAmong(all);
  const places = all.filter((element) => stops.includes(element) || isOpaque(element, stops));
  const active = focusedFrom(scope);
  const from = all.findIndex((element) => element === active);
  const isAhead = (element: HTMLElement): boolean =>
    event.shiftKey ? all.indexOf(element) < from : all.indexOf(element) > from;
  // More than one stop may be in what has focus itself.
  if (places.some((place) => isAhead(place) || (place === active && !stops.includes(place)))) return;
  event.preventDefault();
  // A component takes focus only if it hands it on.
  for (const place of event.shiftKey ? places.reverse() : places) {
    place.focus();
    if (activeIn(place) === place) return;
  }
}

/** The element that a choice stands for, as `option` gives it. */
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

/** True for an action that closes without a result, or with the result "cancel". */
const isSafe = (action: HTMLElement, commands: Readonly<Record<string, string>>): boolean =>
  /^(cancel)?$/.test(action.getAttribute('value') ?? '') &&
  (commands[action.getAttribute('command') ?? '-'] === 'close' || !!action.closest('[method=dialog]'));

/**
 * Moves focus into a layer that has opened: the choice, else [autofocus], else the first field, else
 * the least destructive action, else the heading. A cross in the header comes last, and
 * what lies below the fold is passed over, so that a long text starts at its top.
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

/** The element that stands in `root` in the place of one that was removed: the one with its id. */
const replaced = (root: HTMLElement, { id, isConnected }: Element): HTMLElement | undefined =>
  isConnected || !id ? undefined : elementsIn(root, '[id]').find((each) => each.id === id && canFocus(each));

/** Puts the caret, or the selection, of one field into another. */
function takeCaret(
  to: Partial<HTMLInputElement>,
  { selectionStart, selectionEnd }: Partial<HTMLInputElement>,
): void {
  if (typeof selectionStart === 'number' && typeof to.selectionStart === 'number')
    to.setSelectionRange?.(selectionStart, selectionEnd ?? selectionStart);
}

/**
 * Puts focus back into a modal layer from which it left for nowhere: a press on plain text, or a
 * control that was removed. Not into a field, whose caret would end a selection of text; unless that was rendered again.
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
