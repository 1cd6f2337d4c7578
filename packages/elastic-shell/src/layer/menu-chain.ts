// Menus within menus and menubars: which elements are wired menus, and what other menus can ask of them.
import { elementNamed } from '../engine/dom.js';
import { engineOf, namedBy } from '../engine/registry.js';
import type { Change } from '../engine/types.js';

/** A menu, as other menus see it. */
export interface RunningMenu {
  root: HTMLElement;
  /** The item or control that opened it. */
  opener(): Element | undefined;
  /** Opens it from one of its openers. Focus moves to its first or last item, or stays. */
  open(source: Element, focus: 'first' | 'last' | 'none', reason: Change['reason'], event?: Event): void;
  close(reason: Change['reason'], event?: Event): void;
  isOpen(): boolean;
  /** The element that a context menu was last opened for. */
  about(): Element | undefined;
}

const running = new Map<Element, RunningMenu>();

/** Registers `menu` under its root until released. */
export const enter = (menu: RunningMenu): (() => void) => {
  running.set(menu.root, menu);
  return () => void running.delete(menu.root);
};

/** Returns the menu that an item opens. */
export function submenuOf(item: Element | null | undefined): RunningMenu | undefined {
  const menu = item ? elementNamed(item, namedBy(item)) : undefined;
  // Wires it if it is still waiting for its first use.
  if (menu && !running.has(menu)) void engineOf(menu)?.run;
  return menu && running.get(menu);
}

/** Returns the open menu around the item that opened `menu`. */
export const parentOf = (menu: RunningMenu): RunningMenu | undefined => {
  const around = menu.opener()?.closest('[role=menu]');
  const parent = around ? running.get(around) : undefined;
  return parent?.isOpen() ? parent : undefined;
};

/** Returns the menu from which the others were opened. */
export function outermost(menu: RunningMenu): RunningMenu {
  // A context menu may be opened from an item of its own submenu, so each would be the other's parent.
  const seen = new Set<RunningMenu>();
  let at = menu;
  for (let next = parentOf(at); next && !seen.has(next); next = parentOf(at)) {
    seen.add(next);
    at = next;
  }
  return at;
}

/** A menubar, as its menus see it. */
export interface RunningBar {
  /** Opens the menu next to that of the item `from`. */
  go(from: Element, isForward: boolean, event: Event): void;
}

const bars = new Map<Element, RunningBar>();

/** Registers a menubar under its root until released. */
export const enterBar = (root: Element, bar: RunningBar): (() => void) => {
  bars.set(root, bar);
  return () => void bars.delete(root);
};

/** Opens the next or previous menu in the menubar of `menu`. Returns whether it belongs to a menubar. */
export function goAlong(menu: RunningMenu, isForward: boolean, event: Event): boolean {
  const from = outermost(menu).opener();
  const root = from?.closest('[role=menubar]');
  const bar = root ? bars.get(root) : undefined;
  if (from) bar?.go(from, isForward, event);
  return !!bar;
}
