// The pointer in a menu: the item under it is current, a submenu opens after a delay, and the pointer may
// cross other items on its way there.
import { isInSafeTriangle } from '../../core/layers/safe-triangle.js';
import { listen } from '../../events/listen.js';
import { submenuOf } from '../../layer/menu-chain.js';

/** A pointer that stops on its way for this many milliseconds selects the item under it. */
const patience = 300;

/** The delay, and the functions to call. */
export interface PointingRules {
  /** Milliseconds before a submenu opens. */
  delay: number;
  itemOf(target: EventTarget | null): HTMLElement | undefined;
  /** The pointer selects this item. */
  point(item: HTMLElement, event: PointerEvent): void;
}

/** Follows the pointer over `menu` until released. */
export function pointing(menu: HTMLElement, { delay, itemOf, point }: PointingRules): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  /** The selected item, and the last position of the pointer on it. */
  let meant: HTMLElement | undefined;
  let from = { x: 0, y: 0 };

  const mean = (item: HTMLElement, event: PointerEvent): void => {
    clearTimeout(timer);
    meant = item;
    point(item, event);
    const sub = submenuOf(item);
    if (sub && !sub.isOpen() && item.ariaDisabled !== 'true')
      timer = setTimeout(() => {
        if (meant === item) sub.open(item, 'none', 'hover', event);
      }, delay);
  };
  const release = listen(menu, {
    pointermove(event) {
      if (event.pointerType === 'touch') return;
      const item = itemOf(event.target);
      const at = { x: event.clientX, y: event.clientY };
      if (item && item === meant) from = at;
      if (!item || item === meant) return;
      const open = submenuOf(meant);
      clearTimeout(timer);
      if (open?.isOpen() && isInSafeTriangle(from, at, open.root.getBoundingClientRect()))
        timer = setTimeout(() => mean(item, event), patience);
      else {
        from = at;
        mean(item, event);
      }
    },
    pointerleave: () => clearTimeout(timer),
  });
  return () => {
    clearTimeout(timer);
    release();
  };
}
