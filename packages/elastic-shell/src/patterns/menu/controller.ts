// Runs a menu: its items, the layer that shows it, and the ways to open it. The items are a list with a
// state cursor. The layer is a popover beside its opener, or at a point. Opening by click, drag, key or as a
// context menu is in `opening.ts`. The pointer over items is in `pointing.ts`. Nested menus find each other
// with `layer/menu-chain.ts`.
import type { Cell } from '../../core/cell.js';
import type { Item } from '../../core/collection/items.js';
import type { Writable } from '../../core/contract/contract.js';
import { menu, type MenuIntent, menuKeys, type MenuState, type MenuView } from '../../core/contract/menu.js';
import { isElement } from '../../engine/dom.js';
import type { Service } from '../../engine/service.js';
import type { Change } from '../../engine/types.js';
import { invokersOf } from '../../engine/invoker-index.js';
import { placeOf } from '../../focus/place.js';
import type { FocusPolicy } from '../../focus/focus-policy.js';
import { layer } from '../../layer/layer.js';
import { asPopover } from '../../layer/top-layer.js';
import { stateCursor } from '../../list/cursor.js';
import { labelIn, type MarkupItems, markupItems } from '../../list/items.js';
import { lettersTo } from '../../list/letters.js';
import { list } from '../../list/list.js';
import type { IntendingList } from '../../list/types.js';
import type { Anchor, Point } from '../../position/kept.js';
import { anchored } from '../../position/anchored.js';
import { enter, goAlong, outermost, type RunningMenu, submenuOf } from '../../layer/menu-chain.js';
import { isCheck, matesOf, ownItems } from './items.js';
import { opening } from './opening.js';
import { pointing } from './pointing.js';
import type { MenuEngine } from './types.js';

/** The parts and services of one wired menu. */
interface Held {
  engine: MenuEngine;
  items: MarkupItems;
  /** The menu as other menus see it. */
  running: RunningMenu;
  /** What it was last opened about. */
  about: Cell<Element | undefined>;
  /** Specifies where focus moves when it opens. */
  focusOn: 'first' | 'last' | 'none';
  /** The point where the context menu was requested. */
  point: Point | undefined;
  opener: Element | undefined;
  /** Space on a checkbox or radio item keeps the menu open. */
  isStaying: boolean;
}

const isSub = ({ engine }: Held): boolean =>
  invokersOf(engine.root).some((control) => control.closest('[role=menu]'));

const closeAll = ({ running }: Held, reason: Change['reason'], event: Event): void =>
  outermost(running).close(reason, event);

/**
 * Handles keys on an item other than moves. Returns true if the key was handled, or if the browser should
 * handle it.
 */
function act(held: Held, intent: MenuIntent, item: Item | undefined, event: KeyboardEvent): boolean {
  const element = held.items.elementOf(item?.key);
  if (intent === 'leave') {
    closeAll(held, 'key', event);
    return true;
  }
  if (intent === 'outward') {
    const isInner = isSub(held);
    if (isInner) held.running.close('key', event);
    if (isInner || goAlong(held.running, false, event)) event.preventDefault();
    return true;
  }
  if (intent !== 'activate' && intent !== 'space' && intent !== 'inward') return false;
  event.preventDefault();
  const isOff = !element || item?.disabled;
  const sub = isOff ? undefined : submenuOf(element);
  if (sub) sub.open(element!, 'first', 'key', event);
  else if (intent === 'inward') goAlong(held.running, true, event);
  else if (!isOff) {
    held.isStaying = intent === 'space' && isCheck(element);
    element.click();
    held.isStaying = false;
  }
  return true;
}

/** Activates an item: it opens its submenu, or it is checked and reported, and closes the menu. */
function press(held: Held, parts: IntendingList<MenuState, MenuIntent>, event: MouseEvent, item: Item): void {
  const { engine, items, running, isStaying } = held;
  const { options, state } = engine;
  const element = items.elementOf(item.key);
  const sub = submenuOf(element);
  const reason = event.detail ? 'press' : 'key';
  // A click on its own item opens the submenu, and never closes it.
  if (sub) event.preventDefault();
  if (!element || item.disabled) return;
  if (sub) return sub.open(element, 'first', reason, event);
  if (isCheck(element)) parts.intend('turn', item.key, reason, event);
  const { key } = item;
  // A submenu is about whatever its top menu was opened about.
  const about = outermost(running).about();
  options.onPick?.({ key, about, checked: state().checked.has(key), event });
  const stays = isStaying || 'stay' in element.dataset || (options.stay === 'checks' && isCheck(element));
  if (!stays) closeAll(held, reason, event);
}

const listOf = (held: Held): IntendingList<MenuState, MenuIntent> => {
  const { engine, items } = held;
  const parts = list<MenuState, MenuEngine['options'], MenuIntent>(engine, menu, {
    items,
    cursor: stateCursor(engine),
    stop: () => [],
    moves: { reachDisabled: true },
    keys: () => menuKeys,
    letters: lettersTo('go'),
    act: (intent, item, event) => act(held, intent, item, event),
    press(event, item) {
      press(held, parts, event, item);
      return undefined;
    },
    itemParts: ({ key }, element) =>
      isCheck(element) ? { 'aria-checked': `${engine.state().checked.has(key)}` } : {},
  });
  return parts;
};

/**
 * Focus moves to its first or last item, unless it was opened by hover. On closing it returns if it was
 * inside.
 */
const focusPolicy = (held: Held, parts: { focus(): void }): FocusPolicy => ({
  returns: 'inside',
  place: placeOf,
  giveBack: (place, scope) => place?.giveBack(scope),
  enter() {
    const { engine, items, focusOn } = held;
    const item = items.items().at(focusOn === 'last' ? -1 : 0);
    if (focusOn === 'none' || !item) return;
    engine.change({ current: item.key }, { reason: 'native' }, true);
    parts.focus();
    held.focusOn = 'first';
  },
  tab() {},
});

/** The menu as other menus see it: opened from one of their items, or closed with them. */
const runningMenu = (engine: MenuEngine, held: () => Held, enterAgain: () => void): RunningMenu => ({
  root: engine.root,
  opener: () => held().opener,
  isOpen: () => engine.state().open,
  about: () => held().about.get(),
  open(from, focus, reason, event) {
    Object.assign(held(), { focusOn: focus, point: undefined });
    if (!engine.state().open) engine.intend('open', { reason, source: from, event });
    else if (focus !== 'none') enterAgain();
  },
  close: (reason, event) => engine.change({ open: false }, { reason, event }),
});

const layerOf = (held: Held, focus: FocusPolicy) => {
  const { engine } = held;
  const position = anchored(engine, {
    area: isSub(held) ? 'inline-end span-block-end' : 'block-end span-inline-end',
    gap: isSub(held) ? 0 : 4,
  });
  return layer<Anchor>(
    { ...engine, options: { behind: 'close' } }, // A dialog opened by an item stays open when the menu closes.
    {
      showing: asPopover(engine.root),
      position: { ...position, find: (from) => held.point ?? position.find(from) },
      focus,
      outside: 'close',
      focusOut: 'close',
    },
  );
};

/** Opens the menu at a point, and handles the pointer over its items. */
function followPointer(held: Held): (() => void)[] {
  const { engine, items, running, about } = held;
  const { root, options } = engine;
  const itemOf = (target: EventTarget | null): HTMLElement | undefined => items.of(target)?.element;
  return [
    opening({
      menu: running,
      context: options.context,
      itemOf,
      openAt(at, area, reason, event) {
        if (engine.state().open) running.close('sibling', event);
        held.point = at;
        held.focusOn = 'first';
        about.set(area);
        const active = root.ownerDocument.activeElement;
        engine.intend('open', {
          reason,
          event,
          source: isElement(active) && area.contains(active) ? active : area,
        });
      },
    }),
    pointing(root, {
      delay: Number(options.hoverDelay ?? 150),
      itemOf,
      point: (item) => item.focus({ preventScroll: true }),
    }),
  ];
}

/** Runs the items of a menu and the layer that shows it. `about` is called with what it is opened about. */
export function controller(engine: MenuEngine, about: Cell<Element | undefined>): Service<MenuState> {
  const { root } = engine;
  const view: Writable<MenuView> = engine.view;
  const items = markupItems(root, () => ownItems(root), { labelOf: labelIn });
  const running = runningMenu(
    engine,
    () => held,
    () => focus.enter(),
  );
  const held: Held = {
    engine,
    items,
    running,
    about,
    focusOn: 'first',
    point: undefined,
    opener: undefined,
    isStaying: false,
  };
  view.mates = (key) => matesOf(items, key);
  const parts = listOf(held);
  const focus = focusPolicy(held, parts);
  const shown = layerOf(held, focus);
  const releases = [enter(running), ...followPointer(held)];
  return {
    ...shown,
    aim: parts.aim,
    parts: () => [...(shown.parts?.() ?? []), ...parts.parts()],
    show(change) {
      if (change.name !== 'open') return parts.show(change);
      if (change.value) {
        held.opener = change.source ?? invokersOf(root)[0];
        if (!held.point) about.set(held.opener);
      }
      shown.show?.(change);
    },
    settle(change) {
      if (change.name !== 'open') return;
      shown.settle?.(change);
      if (change.value) return;
      held.point = undefined;
      engine.change({ current: undefined }, { reason: change.reason }, true);
    },
    release() {
      shown.release?.();
      parts.release();
      releases.forEach((release) => release());
    },
  };
}
