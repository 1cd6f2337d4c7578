// The menu on an element: `wireMenu`.
import type { Cell, ReadCell } from '../core/cell.js';
import { cell } from '../core/cell.js';
import type { Openable } from '../core/contract/openable.js';
import { menu, type MenuChoices, menuChoices, menuKeys, type MenuState } from '../core/contract/menu.js';
import { parseArea } from '../core/layers/placement.js';
import type { Point } from '../dom/anchor.js';
import { beside, type BesideOptions } from '../dom/beside.js';
import { type Engine, type Service, wire } from '../dom/engine.js';
import { placeOf } from '../dom/focus.js';
import type { Focusing } from '../dom/focusing.js';
import { controlsOf } from '../dom/hub.js';
import { itemsOf, labelIn } from '../dom/items.js';
import { layer } from '../dom/layer.js';
import { list } from '../dom/list.js';
import { enter, outermost, type RunningMenu, submenuOf } from '../dom/menus/chain.js';
import { opening } from '../dom/menus/opening.js';
import { pointing } from '../dom/menus/pointing.js';
import { optionsOf } from '../dom/options.js';
import { markupRows } from '../dom/rows/rows.js';
import { firstKeys } from '../dom/rows/source.js';
import { asPopover, isShown } from '../dom/showing.js';
import type { Change, OpenOptions, Wired } from '../dom/types.js';

/** An item was activated. */
export interface Pick {
  key: string;
  /** What the menu was about: the control that opened it, or the element that a context menu was asked for on. */
  about: Element | undefined;
  /** For an item that checks: whether it is checked now. */
  checked: boolean;
  event: Event;
}

export interface MenuOptions extends OpenOptions, MenuChoices, Omit<BesideOptions, 'anchor' | 'fit'> {
  /** The keys of the checked items, or a cell. Default: as the markup shows. */
  checked?: Iterable<string> | Cell<ReadonlySet<string>>;
  /** Hears every item that is activated, after what it checks is shown. Default: nobody; items are clicked in any case. */
  onPick?(pick: Pick): void;
  /** Where a right press, Shift+F10, the Menu key or a long press opens it: an element, or the selector of any. Default: nowhere. */
  context?: Element | string;
  /** Milliseconds that the pointer rests on an item before its submenu opens. Default: 150. */
  delay?: number;
}

export interface Menu extends Wired {
  readonly open: Cell<boolean>;
  /** The keys of the checked items. An item's key is its data-key, else id, else place from 0. */
  readonly checked: Cell<ReadonlySet<string>>;
  readonly current: Cell<string | undefined>;
  /** What it was last opened about. */
  readonly about: ReadCell<Element | undefined>;
}

declare module '../dom/defaults.js' {
  interface PatternOptions {
    menu: MenuOptions;
  }
}

const ownItems = (root: HTMLElement): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>('[role^=menuitem]')].filter(
    (item) => item.closest('[role=menu]') === root,
  );

const isCheck = (item: Element | undefined): boolean =>
  !!item?.matches('[role=menuitemcheckbox],[role=menuitemradio]');

/** Runs the items of a menu inside the layer that shows it. */
function run(
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
  const isSub = (): boolean => controlsOf(root).some((control) => control.closest('[role=menu]'));

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

  const focusing: Focusing = {
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
  const standing = beside(engine as never, {
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
          opener = change.source ?? controlsOf(root)[0];
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

/**
 * Wires a menu: `root` has role="menu" and holds its items. Buttons open it by `commandfor` or `aria-controls`; an item
 * that names another menu opens that as its submenu, which is wired by itself. Needs structure.css for its place.
 * Follows the WAI-ARIA menu and menu button patterns. Throws a TypeError when `root` is no element or is wired
 * already, or an option's value is unknown.
 */
export function wireMenu(root: HTMLElement, own: MenuOptions = {}): Menu {
  const options = optionsOf('menu', own, menuChoices as never);
  if (options.area !== undefined) parseArea(options.area);
  const about = cell<Element | undefined>(undefined);
  let running: Engine<MenuState, MenuOptions> | undefined;
  const read = (): MenuState => ({
    open: isShown(root),
    ...(running ? { checked: running.state().checked, current: running.state().current } : marked()),
  });
  const marked = (): Omit<MenuState, 'open'> => ({
    checked: new Set(
      itemsOf(root, () => ownItems(root))
        .all()
        .flatMap(({ element, key }) => (element.ariaChecked === 'true' ? [key] : [])),
    ),
    current: undefined,
  });
  const given = { ...options, checked: firstKeys(options.checked) } as MenuOptions;
  const wired = wire<MenuState, MenuOptions>(root, { ...menu, read }, given, (engine) => {
    running = engine;
    return run(engine, given, about);
  });
  return { ...wired, about };
}
