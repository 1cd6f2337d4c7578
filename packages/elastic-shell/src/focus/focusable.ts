// Focus: what can take it, where it goes first, how it wraps, and where it returns to.
//
// What the platform does by itself is not enough: its first focus may be the close cross, and when the opener is gone focus
// falls to the body. A place (`placeOf`) outlives the element that stood there: it is told of nodes that leave, and then
// means what follows.
import { hasWords } from '../core/text.js';
import { closest, isElement, matches, matchOf, treeOf } from '../engine/dom.js';

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
  !matches(element, ':disabled,[inert],[inert] *') &&
  (element.checkVisibility?.({ visibilityProperty: true }) ??
    !closest(element, '[hidden],dialog:not([open])'));

const first = (
  scope: ParentNode,
  selector: string,
  fits = (_: HTMLElement): boolean => true,
): HTMLElement | undefined =>
  [...scope.querySelectorAll<HTMLElement>(selector)].find((element) => fits(element) && canFocus(element));

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

/** The elements within `scope` that Tab stops at, in document order. */
export const tabbables = (scope: ParentNode): HTMLElement[] =>
  [...scope.querySelectorAll<HTMLElement>(focusable)]
    .filter((element) => element.tabIndex >= 0 && canFocus(element))
    .filter((element, _, all) => isStop(element, all));

/** True when Tab would stop somewhere in `scope` once that shows. */
export const holdsStop = (scope: Element): boolean =>
  [...scope.querySelectorAll<HTMLElement>(focusable)].some(
    (element) =>
      element.tabIndex >= 0 &&
      !element.matches(':disabled,[inert]') &&
      !(element.parentElement && closest(element.parentElement, '[inert]')),
  );

/** Keeps Tab and Shift+Tab within `scope`: from its last stop to its first, and back. */
export function wrapTab(event: KeyboardEvent, scope: HTMLElement): void {
  const stops = tabbables(scope);
  const active = activeIn(scope) ?? scope;
  const ahead = event.shiftKey ? Node.DOCUMENT_POSITION_PRECEDING : Node.DOCUMENT_POSITION_FOLLOWING;
  if (stops.some((stop) => active.compareDocumentPosition(stop) & ahead)) return;
  event.preventDefault();
  stops.at(event.shiftKey ? -1 : 0)?.focus();
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
    inView(element) && hasWords(element.textContent) && !element.closest('header');
  const heading = root.querySelector('h1,h2,h3,h4,h5,h6');
  const target =
    chosen(choice, root) ??
    first(root, '[autofocus]') ??
    first(root, 'input:not([type=hidden]),select,textarea,[contenteditable]', inView) ??
    first(root, 'button', (action) => isAction(action) && isSafe(action, commands)) ??
    first(root, 'button,a[href]', isAction) ??
    heading;
  if (target && target === heading) makeFocusable(heading);
  focusOn(target);
}

/**
 * Puts focus back into a modal layer from which it left for nowhere: a press on plain text, or a
 * control that was removed. Not into a field, whose caret would end a selection of text.
 */
export function holdFocus(root: HTMLElement, from: Element, makeFocusable: (heading: Element) => void): void {
  const heading = root.querySelector<HTMLElement>('h1,h2,h3,h4,h5,h6');
  const keeps = root.contains(from) && canFocus(from) && !from.matches('input,textarea,[contenteditable]');
  if (!keeps && heading) makeFocusable(heading);
  focusOn(keeps ? from : (heading ?? tabbables(root)[0]), { preventScroll: true });
}

/** A place in the document that outlives the element that stood there. */
export interface Place {
  /** Hears of nodes that left the document. */
  follow(records: MutationRecord[]): void;
  /** Whether anything is left of where it was: nothing is when the whole page has become another. */
  isThere(): boolean;
  /** The element that focus would go to, where that stands. */
  element(): Element | null;
  /** Puts focus on the element, else on what follows where it stood, else on what comes before. */
  giveBack(scope: HTMLElement, choice?: FocusChoice): void;
}

/** Returns the `h1` of what was put under `parent` in the same moment: of the page that a link in the layer leads to. */
const headingInstead = (records: MutationRecord[], parent: Node): HTMLElement | undefined =>
  records
    .filter(({ target }) => target === parent)
    .flatMap(({ addedNodes }) => [...addedNodes])
    .filter(isElement)
    .flatMap((added) => (matches(added, 'h1') ? added : [...added.querySelectorAll<HTMLElement>('h1')]))[0];

/** Puts focus on a heading, which is no stop before and after. */
function focusHeading(heading: HTMLElement): void {
  if (!heading.hasAttribute('tabindex')) {
    heading.tabIndex = -1;
    heading.addEventListener('blur', () => heading.removeAttribute('tabindex'), { once: true });
  }
  heading.focus();
}

/**
 * `outer`: the place of the layer that the element stood in, once that has closed. `other`: what had focus, for when the
 * element cannot take it: an item of a menu that closed behind its own press.
 */
export function placeOf(
  element: Element | null,
  outer?: () => Place | undefined,
  other?: Element | null,
): Place {
  let node: Node | null = element;
  let after = false;
  let heading: HTMLElement | undefined;
  // An element that was replaced is still the same to the user, where its id says so.
  const id = element?.id;
  const tree = element && treeOf(element);
  const same = (): Element | null =>
    element?.isConnected || !id ? element : (tree?.getElementById(id) ?? null);
  return {
    isThere: () => !!node?.isConnected && node !== node.ownerDocument?.body,
    element: same,
    follow(records) {
      for (const { removedNodes, nextSibling, target } of records)
        for (const removed of removedNodes)
          if (node && removed.contains(node)) {
            node = nextSibling ?? target;
            after = !nextSibling;
            heading = headingInstead(records, target) ?? heading;
          }
    },
    giveBack(scope, choice) {
      const own = same();
      const isFree = (each: Element | null | undefined): boolean =>
        !!each?.isConnected && each !== each.ownerDocument.body && canFocus(each);
      const wish =
        chosen(choice, scope.ownerDocument, 'focusReturn') ?? (isFree(own) || !isFree(other) ? own : other);
      if (wish?.isConnected && wish !== scope && canFocus(wish)) focusOn(wish, { preventScroll: true });
      if (wish && wish === activeIn(wish)) return;
      if (heading?.isConnected && canFocus(heading)) return focusHeading(heading);
      const next = outer?.();
      if (next) return next.giveBack(scope);
      const stops = tabbables(scope);
      const follows = (stop: Element): boolean => {
        const position = node?.compareDocumentPosition(stop) ?? 0;
        const inside = position & Node.DOCUMENT_POSITION_CONTAINED_BY;
        return stop === node || (!!(position & Node.DOCUMENT_POSITION_FOLLOWING) && !(after && inside));
      };
      (stops.find(follows) ?? stops.at(-1) ?? scope).focus();
    },
  };
}
