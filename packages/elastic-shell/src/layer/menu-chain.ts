// Menus within menus and menubars: which element is a menu that runs, and what it lets others do.
import { elementNamed } from '../engine/dom.js';
import { engineOf, namedBy } from '../engine/registry.js';
import type { Change } from '../engine/types.js';

/** A menu as other menus see it. */
export interface RunningMenu {
  root: HTMLElement;
  /** The item or control that opened it. */
  opener(): Element | undefined;
  /** Opens it from one of its openers; focus goes to its first or last item, or stays where it is. */
  open(source: Element, focus: 'first' | 'last' | 'none', reason: Change['reason'], event?: Event): void;
  close(reason: Change['reason'], event?: Event): void;
  isOpen(): boolean;
  /** What it was last opened about. */
  about(): Element | undefined;
}

const running = new Map<Element, RunningMenu>();

/** Has `menu` be found by its root until released. */
export const enter = (menu: RunningMenu): (() => void) => {
  running.set(menu.root, menu);
  return () => void running.delete(menu.root);
};

/** The menu that an item opens. */
export function submenuOf(item: Element | null | undefined): RunningMenu | undefined {
  const menu = item ? elementNamed(item, namedBy(item)) : undefined;
  // Asked for what it runs, one that waits for its first use is wired.
  if (menu && !running.has(menu)) void engineOf(menu)?.run;
  return menu && running.get(menu);
}

/** The open menu around the item that opened `menu`. */
export const parentOf = (menu: RunningMenu): RunningMenu | undefined => {
  const around = menu.opener()?.closest('[role=menu]');
  const parent = around ? running.get(around) : undefined;
  return parent?.isOpen() ? parent : undefined;
};

/** The menu that the others were opened from. */
export function outermost(menu: RunningMenu): RunningMenu {
  // A context menu may be asked for on an item of its own submenu: each is then opened from the other.
  const seen = new Set<RunningMenu>();
  let at = menu;
  for (let next = parentOf(at); next && !seen.has(next); next = parentOf(at)) {
    seen.add(next);
    at = next;
  }
  return at;
}

/** A menubar as its menus see it. */
export interface RunningBar {
  /** Opens the menu beside that of the item `from`. */
  go(from: Element, isForward: boolean, event: Event): void;
}

const bars = new Map<Element, RunningBar>();

/** Has a menubar be found by its root until released. */
export const enterBar = (root: Element, bar: RunningBar): (() => void) => {
  bars.set(root, bar);
  return () => void bars.delete(root);
};

/** Opens the next or the previous menu of the menubar that `menu` belongs to. Returns whether it belongs to one. */
export function goAlong(menu: RunningMenu, isForward: boolean, event: Event): boolean {
  const from = outermost(menu).opener();
  const root = from?.closest('[role=menubar]');
  const bar = root ? bars.get(root) : undefined;
  if (from) bar?.go(from, isForward, event);
  return !!bar;
}
