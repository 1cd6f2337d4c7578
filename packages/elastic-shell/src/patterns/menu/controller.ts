// Runs a menu: its items, the layer that shows it, and what opens it.
import type { Cell } from '../../core/cell.js';
import { menu, type MenuChoices, menuKeys, type MenuState } from '../../core/contract/menu.js';
import type { Openable } from '../../core/contract/openable.js';
import type { Point } from '../../position/anchor.js';
import { anchored, type AnchorOptions } from '../../position/anchored.js';
import type { Engine, Service } from '../../engine/engine.js';
import { placeOf } from '../../focus/focusable.js';
import type { FocusPolicy } from '../../focus/focus-policy.js';
import { invokersOf } from '../../engine/invoker-index.js';
import { itemsOf, labelIn } from '../../list/items.js';
import { layer } from '../../layer/layer.js';
import { list } from '../../list/list.js';
import { markupRows } from '../../list/rows/rows.js';
import { asPopover } from '../../layer/top-layer.js';
import type { Change, OpenOptions } from '../../engine/types.js';
import { enter, outermost, type RunningMenu, submenuOf } from './chain.js';
import { opening } from './opening.js';
import { pointing } from './pointing.js';

/** An item was activated. */
export interface Pick {
  key: string;
  /** What the menu was about: the control that opened it, or the element that a context menu was asked for on. */
  about: Element | undefined;
  /** For an item that checks: whether it is checked now. */
  checked: boolean;
  event: Event;
}

export interface MenuOptions extends OpenOptions, MenuChoices, Omit<AnchorOptions, 'anchor' | 'fit'> {
  /** The keys of the checked items, or a cell. Default: as the markup shows. */
  checked?: Iterable<string> | Cell<ReadonlySet<string>>;
  /** Hears every item that is activated, after what it checks is shown. Default: nobody; items are clicked in any case. */
  onPick?(pick: Pick): void;
  /** Where a right press, Shift+F10, the Menu key or a long press opens it: an element, or the selector of any. Default: nowhere. */
  context?: Element | string;
  /** Milliseconds that the pointer rests on an item before its submenu opens. Default: 150. */
  delay?: number;
}

export const ownItems = (root: HTMLElement): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>('[role^=menuitem]')].filter(
    (item) => item.closest('[role=menu]') === root,
  );

const isCheck = (item: Element | undefined): boolean =>
  !!item?.matches('[role=menuitemcheckbox],[role=menuitemradio]');

/** Runs the items of a menu inside the layer that shows it. */
export function run(
  engine: Engine<MenuState, MenuOptions>,
  options: MenuOptions,
  about: Cell<Element | undefined>,
): Service {
  const { root, view } = engine;
  const document = root.ownerDocument;
  const source = itemsOf(root, () => ownItems(root), labelIn);
  const rows = markupRows(root, source);
  let focusOn: 'first' | 'last' | 'none' = 'first';
  let point: Point | undefined;
  let opener: Element | undefined;
  let isStaying = false;
  const elementOf = (key: string): HTMLElement | undefined => rows.elementOf(key);
  const isSub = (): boolean => invokersOf(root).some((control) => control.closest('[role=menu]'));

  view.mates = (key) => {
    const item = elementOf(key);
    if (!item?.matches('[role=menuitemradio]')) return undefined;
    const group = item.closest('[role=group],[role=menu]');
    return source
      .all()
      .flatMap(({ element, key: other }) =>
        element.matches('[role=menuitemradio]') && element.closest('[role=group],[role=menu]') === group
          ? [other]
          : [],
      );
  };
  const running: RunningMenu = {
    root,
    opener: () => opener,
    isOpen: () => engine.state().open,
    open(from, focus, reason, event) {
      focusOn = focus;
      point = undefined;
      if (!engine.state().open) engine.intend('open', { reason, source: from, event });
      else if (focus !== 'none') focusing.enter();
    },
    close: (reason, event) => engine.change({ open: false }, { reason, event }),
  };
  const closeAll = (reason: Change['reason'], event: Event): void => outermost(running).close(reason, event);

  const parts = list(engine, menu, {
    rows,
    keys: () => menuKeys,
    letters: true,
    act(intent, item, event) {
      const element = item && elementOf(item.key);
      const sub = submenuOf(element);
      if (intent === 'leave') {
        closeAll('key', event);
        return true;
      }
      if (intent === 'outward' && isSub()) {
        event.preventDefault();
        running.close('key', event);
        return true;
      }
      if (!/activate|space|inward/.test(intent)) return intent === 'outward';
      event.preventDefault();
      if (!element || item.disabled) return true;
      if (sub) sub.open(element, 'first', 'key', event);
      else if (intent !== 'inward') {
        isStaying = intent === 'space' && isCheck(element);
        element.click();
        isStaying = false;
      }
      return true;
    },
    press(event, item) {
      const element = elementOf(item.key)!;
      if (submenuOf(element)) {
        // Its own press opens the submenu, and never closes it.
        event.preventDefault();
        if (!item.disabled) submenuOf(element)!.open(element, 'first', event.detail ? 'press' : 'key', event);
        return undefined;
      }
      if (item.disabled) return undefined;
      const reason = event.detail ? 'press' : 'key';
      if (isCheck(element)) parts.intend('check', item.key, reason, event);
      options.onPick?.({
        key: item.key,
        about: about.get(),
        checked: engine.state().checked.has(item.key),
        event,
      });
      const stays = isStaying || 'stay' in element.dataset || (options.stay === 'checks' && isCheck(element));
      if (!stays) closeAll(reason, event);
      return undefined;
    },
    rowParts: ({ key }, row) =>
      isCheck(row) ? { 'aria-checked': `${engine.state().checked.has(key)}` } : {},
  });

  const focusing: FocusPolicy = {
    returns: 'inside',
    place: placeOf,
    giveBack: (place, scope) => place?.giveBack(scope),
    enter() {
      const items = rows.items();
      if (focusOn === 'none' || !items.length) return;
      engine.change({ current: items.at(focusOn === 'last' ? -1 : 0)!.key }, { reason: 'native' }, true);
      parts.focus();
      focusOn = 'first';
    },
    tab() {},
  };
  const standing = anchored(engine as never, {
    area: isSub() ? 'inline-end span-block-end' : 'block-end span-inline-end',
    gap: isSub() ? 0 : 4,
  });
  const shown = layer(engine as unknown as Engine<Openable>, {
    showing: asPopover(root),
    standing: { ...standing, find: (from) => point ?? standing.find(from) },
    focusing,
    outside: 'close',
    focusOut: 'close',
  });
  const itemOf = (target: EventTarget | null): HTMLElement | undefined => {
    const item = rows.of(target);
    return item && elementOf(item.key);
  };
  const releases = [
    enter(running),
    opening({
      menu: running,
      context: options.context,
      itemOf,
      openAt(at, area, reason, event) {
        if (engine.state().open) running.close('sibling', event);
        point = at;
        focusOn = 'first';
        about.set(area);
        const active = document.activeElement;
        engine.intend('open', { reason, event, source: area.contains(active) ? active : area });
      },
    }),
    pointing(root, {
      delay: Number(options.delay ?? 150),
      itemOf,
      point: (item) => item.focus({ preventScroll: true }),
    }),
  ];
  return {
    ...shown,
    parts: () => [...shown.parts!(), ...parts.parts!()],
    show(change) {
      if (change.name === 'open') {
        if (change.value) {
          opener = change.source ?? invokersOf(root)[0];
          if (!point) about.set(opener);
        }
        shown.show!(change);
      } else parts.show!(change);
    },
    settle(change) {
      if (change.name !== 'open') return;
      shown.settle!(change);
      if (change.value) return;
      point = undefined;
      engine.change({ current: undefined }, { reason: change.reason }, true);
    },
    release() {
      shown.release!();
      parts.release!();
      releases.forEach((release) => release());
    },
  };
}
