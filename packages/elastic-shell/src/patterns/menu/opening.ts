// What opens a menu: a press that may be dragged onto an item, arrows on its openers, and the ways to a context menu.
import { activeIn } from '../../focus/focusable.js';
import { listenIn } from '../../events/document-events.js';
import { invokersOf } from '../../engine/invoker-index.js';
import { isMirrored } from '../../events/keys.js';
import type { Point } from '../../position/anchor.js';
import type { RunningMenu } from './chain.js';

/** Milliseconds of a finger's rest that ask for a context menu; and pixels it may stray. */
const longPress = { rest: 500, stray: 10 };

export interface OpeningRules {
  menu: RunningMenu;
  /** Where a context menu may be asked for. */
  context: Element | string | undefined;
  /** Opens it at a point, about an element. */
  openAt(point: Point, about: Element, reason: 'press' | 'key', event: Event): void;
  /** The item under an event, to be activated by a release. */
  itemOf(target: EventTarget | null): HTMLElement | undefined;
}

/** What an event happened on, also inside a shadow root. */
const targetOf = (event: Event): Element => event.composedPath()[0] as Element;

/** Follows what opens `menu` until released. */
export function opening({ menu, context, openAt, itemOf }: OpeningRules): () => void {
  const document = menu.root.ownerDocument;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let began: Point | undefined;
  /** The mouse went down where the menu opened, and is still down. */
  let isDragging = false;
  let hasOpened = false;

  const openerOf = (event: Event): Element | undefined =>
    invokersOf(menu.root).find(
      (control) =>
        control.contains(targetOf(event)) &&
        !control.closest('[role=menu]') &&
        !control.matches(':disabled,[aria-disabled=true]'),
    );
  const aboutOf = (event: Event): Element | undefined => {
    const target = targetOf(event);
    if (!context || menu.root.contains(target)) return undefined;
    if (typeof context !== 'string') return context.contains(target) ? context : undefined;
    return target.closest(context) ?? undefined;
  };
  const atKey = (event: Event, about: Element): void => {
    const focus = activeIn(about);
    const within = focus && about.contains(focus) ? focus : about;
    const { left, right, bottom } = within.getBoundingClientRect();
    openAt({ x: isMirrored(about) ? right : left, y: bottom }, about, 'key', event);
  };

  const heard: Record<string, (event: never) => void> = {
    pointerdown(event: PointerEvent) {
      const point = { x: event.clientX, y: event.clientY };
      began = point;
      isDragging = hasOpened = false;
      clearTimeout(timer);
      const about = aboutOf(event);
      if (event.pointerType === 'touch') {
        if (about) timer = setTimeout(() => openAt(point, about, 'press', event), longPress.rest);
        return;
      }
      const opener = event.button ? undefined : openerOf(event);
      if (!opener || menu.isOpen()) return;
      isDragging = hasOpened = true;
      menu.open(opener, 'first', 'press', event);
    },
    // The press would move focus from the menu back to its opener.
    mousedown(event: MouseEvent) {
      if (hasOpened && openerOf(event)) event.preventDefault();
    },
    pointermove(event: PointerEvent) {
      if (began && Math.hypot(event.clientX - began.x, event.clientY - began.y) > longPress.stray)
        clearTimeout(timer);
    },
    pointercancel() {
      clearTimeout(timer);
      isDragging = false;
    },
    pointerup(event: PointerEvent) {
      clearTimeout(timer);
      const item = isDragging ? itemOf(targetOf(event)) : undefined;
      isDragging = false;
      const isOther = !began || Math.hypot(event.clientX - began.x, event.clientY - began.y) > 4;
      if (item && isOther) item.click();
    },
    // The press has opened it already: what is left of it must not close it.
    click(event: MouseEvent) {
      if (hasOpened && event.detail && openerOf(event)) event.preventDefault();
      hasOpened = false;
    },
    contextmenu(event: MouseEvent) {
      const about = aboutOf(event);
      if (!about) {
        if (menu.root.contains(targetOf(event))) event.preventDefault();
        return;
      }
      event.preventDefault();
      clearTimeout(timer);
      const { clientX: x, clientY: y } = event;
      if (menu.isOpen() && began && Math.hypot(x - began.x, y - began.y) < longPress.stray && !event.button)
        return;
      if (!x && !y) return atKey(event, about);
      isDragging = event.button === 2;
      openAt({ x, y }, about, 'press', event);
    },
    keydown(event: KeyboardEvent) {
      if (event.defaultPrevented || event.isComposing || event.ctrlKey || event.metaKey || event.altKey)
        return;
      const { key, shiftKey } = event;
      const about = key === 'ContextMenu' || (key === 'F10' && shiftKey) ? aboutOf(event) : undefined;
      if (about) {
        event.preventDefault();
        return atKey(event, about);
      }
      const opener = /^Arrow(Down|Up)$/.test(key) && !shiftKey ? openerOf(event) : undefined;
      if (!opener) return;
      event.preventDefault();
      menu.open(opener, key === 'ArrowUp' ? 'last' : 'first', 'key', event);
    },
  };
  const release = listenIn(document, heard, ['keydown']);
  return () => {
    clearTimeout(timer);
    release();
  };
}
