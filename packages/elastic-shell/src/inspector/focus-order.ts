// Where focus moves: the tab stops in the browser's order, and what is wrong with that order.
import type { Place } from '../focus/place.js';
import { apart } from '../engine/apart.js';
import { isElement } from '../engine/dom.js';
import { holds, isDisplayed } from '../heard/dom.js';
import { layersOf } from '../layer/open-layers.js';
import { topModal } from './top-modal.js';
import { callOf, titleOf } from './wired.js';

/** A tab stop. */
export interface Stop {
  element: HTMLElement;
  /** Its position, from 1. */
  number: number;
  /** Its faults, each as a sentence. */
  marks: string[];
}

/** An element that can be focused, but that Tab does not reach. */
export interface Lost {
  element: HTMLElement;
  why: string;
}

/** Where focus moves on a page now. */
export interface FocusOrder {
  stops: Stop[];
  lost: Lost[];
  /** What traps Tab, each as a sentence. */
  traps: string[];
  /** Where focus returns when the open layers close, innermost first, each as a sentence. */
  returns: string[];
}

const focusable =
  'a[href],area[href],button,input:not([type=hidden]),select,textarea,summary,iframe,audio[controls],video[controls],[contenteditable]:not([contenteditable=false]),[tabindex]';

/** Returns everything that could be focused, through open shadow trees, in document order. */
function candidates(scope: ParentNode): HTMLElement[] {
  const found: HTMLElement[] = [];
  for (const element of scope.querySelectorAll<HTMLElement>('*')) {
    if (apart.has(element)) continue;
    if (element.matches(focusable)) found.push(element);
    if (element.shadowRoot) found.push(...candidates(element.shadowRoot));
  }
  return found;
}

/** Returns the parent of an element, out of shadow trees as well. */
const above = (element: Element): Element | null => {
  const root = element.getRootNode();
  return element.parentElement ?? ('host' in root && isElement(root.host) ? root.host : null);
};

/** Returns which ancestor makes an element unreachable. Undefined if none does. */
function hindrance(element: HTMLElement): string | undefined {
  if (element.matches(':disabled')) return 'it is disabled';
  for (let at: Element | null = element; at; at = above(at)) {
    if (at.hasAttribute('inert')) return `${callOf(at)} is inert`;
    if (at.hasAttribute('hidden')) return `${at === element ? 'it' : callOf(at)} is hidden`;
    if (
      at.localName === 'details' &&
      !at.hasAttribute('open') &&
      !at.querySelector('summary')?.contains(element)
    )
      return `${callOf(at)} is closed`;
    if (at.localName === 'dialog' && !at.matches('[open],:popover-open')) return `${callOf(at)} is closed`;
  }
  return isDisplayed(element) ? undefined : 'a style sheet hides it';
}

/** Items of a list in which another one has the tab stop can still be reached. */
const isItem = (element: Element): boolean =>
  element.matches(
    '[role=tab],[role=treeitem],[role=option],[role=menuitem],[role=menuitemcheckbox],[role=menuitemradio],[role=radio],input[type=radio]',
  );

/** Returns whether any part of it is visible. */
function isSeen(element: Element): boolean {
  const box = element.getBoundingClientRect();
  if (box.width < 2 || box.height < 2) return false;
  for (let at: Element | null = element; at; at = above(at)) {
    const style = getComputedStyle(at);
    if (style.opacity === '0') return false;
    if (!/(hidden|clip|auto|scroll)/.test(style.overflow) || at === element) continue;
    const frame = at.getBoundingClientRect();
    // An element that can be scrolled to is only out of view.
    if (/(auto|scroll)/.test(style.overflow)) continue;
    if (frame.width < 2 || frame.height < 2 || box.right <= frame.left || box.left >= frame.right)
      return false;
    if (box.bottom <= frame.top || box.top >= frame.bottom) return false;
  }
  return box.right > -scrollX && box.bottom > -scrollY;
}

/**
 * Returns whether a tab stop comes before another in reading order: above it, or before it in the same line.
 */
function isBefore(one: Element, other: Element, isRtl: boolean): boolean {
  const [from, to] = [one.getBoundingClientRect(), other.getBoundingClientRect()];
  if (to.bottom <= from.top + 2) return true;
  const shared = Math.min(from.bottom, to.bottom) - Math.max(from.top, to.top);
  const isLine = shared > Math.min(from.height, to.height) / 2;
  return isLine && (isRtl ? to.left >= from.right - 2 : to.right <= from.left + 2);
}

function marksOf(element: HTMLElement, before: HTMLElement | undefined): string[] {
  const marks: string[] = [];
  if (element.tabIndex > 0)
    marks.push(`It has tabindex="${element.tabIndex}", so it comes before all elements without one.`);
  // A hidden field that is operated through its label counts as visible.
  const labels = 'labels' in element && element.labels instanceof NodeList ? [...element.labels] : [];
  const isSeenNow = isSeen(element) || labels.some((label) => isElement(label) && isSeen(label));
  if (!isSeenNow) marks.push('It is invisible, so nobody sees where focus is.');
  const isRtl = getComputedStyle(element).direction === 'rtl';
  // Another column or layer starts a new order.
  const isBeside = before && before.parentElement?.parentElement?.contains(element);
  if (before && isSeenNow && isBeside && isSeen(before) && isBefore(before, element, isRtl))
    marks.push(
      'It is before the previous tab stop on the page, so the tab order differs from the reading order.',
    );
  return marks;
}

const isRadioOff = (element: HTMLElement, all: readonly HTMLElement[]): boolean => {
  if (!(element instanceof HTMLInputElement) || element.type !== 'radio' || element.checked) return false;
  const group = all.filter(
    (each): each is HTMLInputElement =>
      each instanceof HTMLInputElement &&
      each.type === 'radio' &&
      each.name === element.name &&
      each.form === element.form,
  );
  return !!element.name && (group.some(({ checked }) => checked) || group[0] !== element);
};

/** Returns where a layer returns focus to. */
const returnOf = (title: string, place: Place | undefined): string => {
  const element = place?.element();
  return element?.isConnected
    ? `When “${title}” closes, focus returns to ${callOf(element)}.`
    : `When “${title}” closes, the element that had focus is gone, so focus moves to the element after it.`;
};

/** Reads the order of focus. */
export function focusOrder(document: Document): FocusOrder {
  const layers = layersOf(document);
  const modal = topModal(document);
  const everywhere = candidates(document);
  // Everything behind a modal dialog is one sentence.
  const all = modal ? everywhere.filter((element) => holds(modal, element)) : everywhere;
  const lost: Lost[] = [];
  const reachable = all.filter((element) => {
    const why = hindrance(element);
    const isStop = element.tabIndex >= 0;
    if (why && isStop) lost.push({ element, why });
    else if (!isStop && !isItem(element) && element.matches('a[href],button,input,select,textarea,summary'))
      lost.push({
        element,
        why: `it has tabindex="${element.tabIndex}", so only code or a click can focus it`,
      });
    return !why && isStop;
  });
  const order = reachable
    .filter((element) => !isRadioOff(element, reachable))
    // Values above 0 come first, in numerical order. The sort keeps document order among equals.
    .sort((one, other) => (one.tabIndex || Infinity) - (other.tabIndex || Infinity) || 0);
  return {
    stops: order.map((element, at) => ({ element, number: at + 1, marks: marksOf(element, order[at - 1]) })),
    lost,
    traps: modal
      ? [
          `Tab stays within “${titleOf(modal)}”, which is modal. ${everywhere.length - all.length} controls outside can’t be reached.`,
        ]
      : [],
    returns: layers.map(({ id, place }) => returnOf(titleOf(id), place)).reverse(),
  };
}
