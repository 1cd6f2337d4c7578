// Where focus goes: the stops of Tab in the order in which the browser goes to them, and what is wrong with that order.
import type { Place } from '../focus/place.js';
import { apart } from '../engine/apart.js';
import { isElement } from '../engine/dom.js';
import { holds, isDisplayed } from '../heard/dom.js';
import { layersOf } from '../layer/open-layers.js';
import { topModal } from './top-modal.js';
import { callOf, titleOf } from './wired.js';

/** One stop. */
export interface Stop {
  element: HTMLElement;
  /** Its place, from 1. */
  number: number;
  /** What is wrong with it, each a sentence. */
  marks: string[];
}

/** Something that takes focus, and that Tab does not get to. */
export interface Lost {
  element: HTMLElement;
  why: string;
}

/** Where focus goes on a page now. */
export interface FocusOrder {
  stops: Stop[];
  lost: Lost[];
  /** What holds Tab back, each a sentence. */
  traps: string[];
  /** Where focus returns when the open layers close, innermost first, each a sentence. */
  returns: string[];
}

const focusable =
  'a[href],area[href],button,input:not([type=hidden]),select,textarea,summary,iframe,audio[controls],video[controls],[contenteditable]:not([contenteditable=false]),[tabindex]';

/** Everything that could take focus, through open shadow trees, in document order. */
function candidates(scope: ParentNode): HTMLElement[] {
  const found: HTMLElement[] = [];
  for (const element of scope.querySelectorAll<HTMLElement>('*')) {
    if (apart.has(element)) continue;
    if (element.matches(focusable)) found.push(element);
    if (element.shadowRoot) found.push(...candidates(element.shadowRoot));
  }
  return found;
}

/** The element around one, out of shadow trees as well. */
const above = (element: Element): Element | null => {
  const root = element.getRootNode();
  return element.parentElement ?? ('host' in root && isElement(root.host) ? root.host : null);
};

/** What around an element keeps it from being reached; undefined where nothing does. */
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
  return isDisplayed(element) ? undefined : 'a style sheet does not show it';
}

/** Items of a list of which another keeps the stop are not lost. */
const isItem = (element: Element): boolean =>
  element.matches(
    '[role=tab],[role=treeitem],[role=option],[role=menuitem],[role=menuitemcheckbox],[role=menuitemradio],[role=radio],input[type=radio]',
  );

/** Whether anything of it can be seen. */
function isSeen(element: Element): boolean {
  const box = element.getBoundingClientRect();
  if (box.width < 2 || box.height < 2) return false;
  for (let at: Element | null = element; at; at = above(at)) {
    const style = getComputedStyle(at);
    if (style.opacity === '0') return false;
    if (!/(hidden|clip|auto|scroll)/.test(style.overflow) || at === element) continue;
    const frame = at.getBoundingClientRect();
    // What can be scrolled to is no more than out of view.
    if (/(auto|scroll)/.test(style.overflow)) continue;
    if (frame.width < 2 || frame.height < 2 || box.right <= frame.left || box.left >= frame.right)
      return false;
    if (box.bottom <= frame.top || box.top >= frame.bottom) return false;
  }
  return box.right > -scrollX && box.bottom > -scrollY;
}

/** Whether a stop stands before another to somebody who reads: above it, or in one line before it. */
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
    marks.push(`It has tabindex="${element.tabIndex}", and comes before all that have none.`);
  // A field that is hidden behind its label shows by that.
  const labels = 'labels' in element && element.labels instanceof NodeList ? [...element.labels] : [];
  const isSeenNow = isSeen(element) || labels.some((label) => isElement(label) && isSeen(label));
  if (!isSeenNow) marks.push('Nothing of it can be seen: focus is lost to the eye there.');
  const isRtl = getComputedStyle(element).direction === 'rtl';
  // What stands in another column or layer begins anew.
  const isBeside = before && before.parentElement?.parentElement?.contains(element);
  if (before && isSeenNow && isBeside && isSeen(before) && isBefore(before, element, isRtl))
    marks.push(
      'It stands before the stop that comes before it: the order of Tab is not the order of reading.',
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

/** Where a layer gives focus back to. */
const returnOf = (title: string, place: Place | undefined): string => {
  const element = place?.element();
  return element?.isConnected
    ? `When “${title}” closes, focus goes to ${callOf(element)}.`
    : `When “${title}” closes, what had focus is gone: it goes to what follows where that stood.`;
};

/** Works out where focus goes now. */
export function focusOrder(document: Document): FocusOrder {
  const layers = layersOf(document);
  const modal = topModal(document);
  const everywhere = candidates(document);
  // What is behind a modal dialog is told in one sentence.
  const all = modal ? everywhere.filter((element) => holds(modal, element)) : everywhere;
  const lost: Lost[] = [];
  const reachable = all.filter((element) => {
    const why = hindrance(element);
    const isStop = element.tabIndex >= 0;
    if (why && isStop) lost.push({ element, why });
    else if (!isStop && !isItem(element) && element.matches('a[href],button,input,select,textarea,summary'))
      lost.push({
        element,
        why: `it has tabindex="${element.tabIndex}", so that only a program or a press gets there`,
      });
    return !why && isStop;
  });
  const order = reachable
    .filter((element) => !isRadioOff(element, reachable))
    // Those above 0 come first, by their number; the sort keeps document order among equals.
    .sort((one, other) => (one.tabIndex || Infinity) - (other.tabIndex || Infinity) || 0);
  return {
    stops: order.map((element, at) => ({ element, number: at + 1, marks: marksOf(element, order[at - 1]) })),
    lost,
    traps: modal
      ? [
          `Tab stays within “${titleOf(modal)}”, which is modal. ${everywhere.length - all.length} controls stand outside, and are out of reach.`,
        ]
      : [],
    returns: layers.map(({ id, place }) => returnOf(titleOf(id), place)).reverse(),
  };
}
