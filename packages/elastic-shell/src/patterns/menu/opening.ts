// Opens a menu: with a click that can be dragged to an item, with arrow keys on its openers, and as a context
// menu.
import { closest, innermostOf } from '../../engine/dom.js';
import { holds } from '../../engine/flat.js';
import { invokersOf } from '../../engine/invoker-index.js';
import { listenIn } from '../../events/document-events.js';
import { isMirrored } from '../../events/keys.js';
import type { Handlers } from '../../events/listen.js';
import { activeIn } from '../../focus/focusable.js';
import type { Point } from '../../position/kept.js';
import type { RunningMenu } from '../../layer/menu-chain.js';
import type { MenuOptions } from './types.js';

/** A touch opens a context menu after this many milliseconds, if it moves less than this many pixels. */
const longPress = { rest: 500, stray: 10 };
/** A press counts as a drag after this many pixels. */
const dragged = 4;

/** The menu, and where it can be requested. */
export interface OpeningRules {
  menu: RunningMenu;
  /** Where a context menu can be requested. */
  context: MenuOptions['context'];
  /** Opens it at a point, about an element. */
  openAt(point: Point, about: Element, reason: 'press' | 'key', event: Event): void;
  /** Returns the item under an event, which releasing the button activates. */
  itemOf(target: EventTarget | null): HTMLElement | undefined;
}

/** The progress of a press until its release. */
interface Press {
  timer: ReturnType<typeof setTimeout> | undefined;
  /** Where it started. */
  began: Point | undefined;
  /** The mouse button is down since the press that opened the menu. */
  isDragging: boolean;
  /** This press opened the menu. */
  hasOpened: boolean;
}

const pointOf = ({ clientX, clientY }: MouseEvent): Point => ({ x: clientX, y: clientY });

/** Returns whether an event is more than `pixels` from the start of the press. */
const isFrom = ({ began }: Press, event: MouseEvent, pixels: number): boolean =>
  !!began && Math.hypot(event.clientX - began.x, event.clientY - began.y) > pixels;

/** Returns the opener of `menu` at an event, unless it is disabled or an item of another menu. */
const openerOf = ({ root }: RunningMenu, event: Event): Element | undefined => {
  const target = innermostOf(event);
  return invokersOf(root).find(
    (control) =>
      target &&
      holds(control, target) &&
      !control.closest('[role=menu]') &&
      !control.matches(':disabled,[aria-disabled=true]'),
  );
};

/** Returns the element that a context menu at an event would be about. */
const aboutOf = ({ menu, context }: OpeningRules, event: Event): Element | undefined => {
  const target = innermostOf(event);
  if (!context || !target || holds(menu.root, target)) return undefined;
  if (typeof context === 'string') return closest(target, context);
  const area = typeof context === 'function' ? context() : context;
  return area && holds(area, target) ? area : undefined;
};

/** With the keyboard, it opens below the element with focus. */
const openAtFocus = ({ openAt }: OpeningRules, event: Event, about: Element): void => {
  const focus = activeIn(about);
  const within = focus && about.contains(focus) ? focus : about;
  const { left, right, bottom } = within.getBoundingClientRect();
  openAt({ x: isMirrored(about) ? right : left, y: bottom }, about, 'key', event);
};

function onContextMenu(rules: OpeningRules, press: Press, event: MouseEvent): void {
  const { menu, openAt } = rules;
  const about = aboutOf(rules, event);
  if (!about) {
    // The browser's context menu isn't shown on an item.
    if (holds(menu.root, innermostOf(event))) event.preventDefault();
    return;
  }
  event.preventDefault();
  clearTimeout(press.timer);
  // A long press has already opened it.
  const isSame = press.began && !isFrom(press, event, longPress.stray - 0.01);
  if (menu.isOpen() && isSame && !event.button) return;
  const { x, y } = pointOf(event);
  if (!x && !y) return openAtFocus(rules, event, about);
  press.isDragging = event.button === 2;
  openAt({ x, y }, about, 'press', event);
}

function onKeyDown(rules: OpeningRules, event: KeyboardEvent): void {
  const { key, shiftKey } = event;
  if (event.defaultPrevented || event.isComposing || event.ctrlKey || event.metaKey || event.altKey) return;
  const about = key === 'ContextMenu' || (key === 'F10' && shiftKey) ? aboutOf(rules, event) : undefined;
  if (about) {
    event.preventDefault();
    return openAtFocus(rules, event, about);
  }
  const isArrow = (key === 'ArrowDown' || key === 'ArrowUp') && !shiftKey;
  const opener = isArrow ? openerOf(rules.menu, event) : undefined;
  if (!opener) return;
  event.preventDefault();
  rules.menu.open(opener, key === 'ArrowUp' ? 'last' : 'first', 'key', event);
}

function onPointerDown(rules: OpeningRules, press: Press, event: PointerEvent): void {
  const { menu, openAt } = rules;
  const point = pointOf(event);
  press.began = point;
  press.isDragging = press.hasOpened = false;
  clearTimeout(press.timer);
  if (event.pointerType === 'touch') {
    const about = aboutOf(rules, event);
    if (about) press.timer = setTimeout(() => openAt(point, about, 'press', event), longPress.rest);
    return;
  }
  const opener = event.button ? undefined : openerOf(menu, event);
  if (!opener || menu.isOpen()) return;
  press.isDragging = press.hasOpened = true;
  menu.open(opener, 'first', 'press', event);
}

/** Opens the menu of `rules` until released. */
export function opening(rules: OpeningRules): () => void {
  const { menu, itemOf } = rules;
  const press: Press = { timer: undefined, began: undefined, isDragging: false, hasOpened: false };
  const heard: Handlers = {
    pointerdown: (event) => onPointerDown(rules, press, event),
    // The press would move focus from the menu back to its opener.
    mousedown(event) {
      if (press.hasOpened && openerOf(menu, event)) event.preventDefault();
    },
    pointermove(event) {
      if (isFrom(press, event, longPress.stray)) clearTimeout(press.timer);
    },
    pointercancel() {
      clearTimeout(press.timer);
      press.isDragging = false;
    },
    pointerup(event) {
      clearTimeout(press.timer);
      const item = press.isDragging ? itemOf(innermostOf(event) ?? null) : undefined;
      press.isDragging = false;
      if (!press.began || isFrom(press, event, dragged)) item?.click();
    },
    // The press has already opened it, so the click that follows must not close it.
    click(event) {
      if (press.hasOpened && event.detail && openerOf(menu, event)) event.preventDefault();
      press.hasOpened = false;
    },
    contextmenu: (event) => onContextMenu(rules, press, event),
    keydown: (event) => onKeyDown(rules, event),
  };
  const release = listenIn(menu.root.ownerDocument, heard, ['keydown']);
  return () => {
    clearTimeout(press.timer);
    release();
  };
}
