// Wires tabs: `wireTabs`.
import { type Item, neighbour } from '../../core/collection/items.js';
import {
  tabs,
  type TabsChoices,
  type TabsIntent,
  tabsKeys,
  type TabsState,
} from '../../core/contract/tabs.js';
import { tell } from '../../core/report.js';
import type { ContentOptions, ContentSource } from '../../content/content.js';
import { lazyPanels } from '../../content/lazy-panels.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { targetOf } from '../../engine/dom.js';
import { type Engine, type Service, wire } from '../../engine/engine.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, CommonOptions, KeysOption, StateOption, Wired } from '../../engine/types.js';
import { opensElsewhere } from '../../events/keys.js';
import { holdsStop } from '../../focus/focusable.js';
import { list } from '../../list/list.js';
import { firstKeys } from '../../list/rows/source.js';
import { addressOf } from './address.js';
import { type TabParts, tabPartsIn } from './parts.js';

/** The options of tabs. */
export interface TabsOptions extends CommonOptions<TabsState>, TabsChoices, ContentOptions {
  /**
   * Sets the key of the selected tab: an initial value, or a cell that is read and written.
   *
   * @defaultValue the markup
   * @example { selected: 'crew' }
   */
  selected?: StateOption<string | undefined>;
  /**
   * Called after a tab has been selected, with its key.
   *
   * @defaultValue none
   * @example { onSelected: (key) => track(key) }
   */
  onSelected?: (key: string | undefined) => void;
  /**
   * Sets the keys of the closed tabs: an initial value, or a cell that is read and written.
   *
   * @defaultValue the tabs with the attribute `hidden`
   * @example { closed: ['notes'] }
   */
  closed?: KeysOption;
  /**
   * Called after a tab has been closed, with its key.
   *
   * @defaultValue none
   * @example { onClosed: (key) => forget(key) }
   */
  onClosed?: (key: string) => void;
  /**
   * Creates the content of a panel when its tab is first selected. It is a function that gets an AbortSignal
   * and the key, or the selector of a `<template>`. If the function returns undefined, the panel stays as it
   * is.
   *
   * @defaultValue none
   * @example { content: (signal, key) => loadSheet(key, signal) }
   */
  content?: ContentSource;
  /**
   * Specifies when the content is created: when its tab is selected, or when the page is idle.
   *
   * @defaultValue `open`
   * @example { loadOn: 'idle' }
   */
  loadOn?: ContentOptions['loadOn'] & {};
  /**
   * Specifies whether the content is kept when another tab is selected. If not, it is created again each
   * time.
   *
   * @defaultValue true
   * @example { keepContent: false }
   */
  keepContent?: boolean;
}

/** Wired tabs: their states and methods. The key of a tab is its `data-key`, `id` or index, in that order. */
export interface Tabs extends Wired<TabsOptions>, Cells<TabsState> {
  /**
   * Selects a tab and shows its panel.
   *
   * @param key - The key of the tab.
   */
  select(key: string): void;
  /**
   * Closes a tab, even one that users can't close. If it was selected, its neighbour is selected.
   *
   * @param key - The key of the tab.
   */
  close(key: string): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireTabs`. */
    tabs: TabsOptions;
  }
}
registerPattern(tabs.name, tabs.options, wireTabs);

type TabsEngine = Engine<TabsState, TabsOptions, TabsIntent>;

/** The tabs that aren't closed. */
const leftOf = <I extends Item>(items: readonly I[], closed: ReadonlySet<string>): I[] =>
  items.filter(({ key }) => !closed.has(key));

/**
 * Scrolls the list until a tab is visible. It never scrolls the page, because the user may be elsewhere on
 * it.
 */
function reveal(tablist: HTMLElement | null, tab: HTMLElement | undefined): void {
  if (!tablist || !tab) return;
  const around = tablist.getBoundingClientRect();
  const own = tab.getBoundingClientRect();
  const by = (start: number, end: number): number => Math.min(0, start) || Math.max(0, end);
  // Without layout, scrolling has no effect.
  tablist.scrollBy?.(
    by(own.left - around.left, own.right - around.right),
    by(own.top - around.top, own.bottom - around.bottom),
  );
}

/**
 * Updates the state when tabs are added or removed. If the selected tab is removed, its neighbour is
 * selected.
 */
function followTabs(
  engine: TabsEngine,
  { items }: TabParts,
  read: () => TabsState,
): (now: readonly Item[]) => void {
  let order = items.all().map(({ key }) => key);
  const follow = (selected: string | undefined, reason: 'removed' | 'native'): void =>
    engine.change({ selected }, { reason }, true);
  return (now) => {
    const { selected, closed } = engine.state();
    const before = order;
    order = now.map(({ key }) => key);
    // A closed tab that was removed is forgotten: a new tab with its key isn't closed.
    const there = new Set(order);
    const still = [...closed].filter((key) => there.has(key) || !before.includes(key));
    if (still.length < closed.size) engine.change({ closed: new Set(still) }, { reason: 'removed' }, true);
    if (selected === undefined) follow(read().selected, 'native');
    else if (!order.includes(selected) && before.includes(selected))
      follow(neighbour(leftOf(now, closed), before.indexOf(selected)), 'removed');
  };
}

/**
 * Updates the state when the address changes, with the back or forward button or a link. Reads the address of
 * the loaded page first.
 */
function followAddress(engine: TabsEngine, { items }: TabParts, read: () => TabsState) {
  const address = addressOf(engine.root.ownerDocument, items);
  const select = (selected: string | undefined): void =>
    engine.change({ selected }, { reason: 'native' }, true);
  const bring = (key: string): void => {
    if (items.elementOf(key)) select(key);
  };
  // The tab that was selected while the address named none.
  const unnamed = engine.state().selected;
  const selectUnnamed = (): void => select(items.elementOf(unnamed) ? unnamed : read().selected);
  address.hear((key) => (key ? bring(key) : selectUnnamed()));
  return { ...address, bring: () => bring(address.read()) };
}

function serve(engine: TabsEngine, tabParts: TabParts, read: () => TabsState): Service<TabsState> {
  const { root, options, view, state } = engine;
  const { items, list: tablist, panelOf } = tabParts;
  const orientation = tablist?.ariaOrientation === 'vertical' ? 'vertical' : 'horizontal';
  const parts = list(engine, tabs, {
    items,
    stop: ({ selected }) => [selected],
    reach: () => leftOf(items.all(), state().closed),
    moves: {
      get wrap() {
        return options.wrap ?? true;
      },
    },
    keys: () => tabsKeys({ orientation, ...options }),
    press(event) {
      if (opensElsewhere(event)) return undefined;
      event.preventDefault();
      return targetOf(event)?.closest('[data-close]') ? 'close' : 'select';
    },
    panels: {
      items,
      panelOf,
      parts: (panel, key) => (key === state().selected && !holdsStop(panel) ? { tabindex: '0' } : {}),
      found: (key, event) => engine.intend('found', { reason: 'found', event }, key),
    },
    changed: followTabs(engine, tabParts, read),
  });
  /** New content may contain a tab stop, so its panel needs none. */
  const render = (): void => {
    parts.touch();
    engine.render();
  };
  const lazy = lazyPanels({ options, render }, parts.panelOf);
  const address = options.address ? followAddress(engine, tabParts, read) : undefined;
  let isOver = false;
  // Its content may have been replaced, including the selected tab.
  if (items.all().length && !items.elementOf(state().selected))
    engine.change({ selected: read().selected }, { reason: 'removed' }, true);
  queueMicrotask(() => {
    if (isOver) return;
    address?.bring();
    lazy.turn(state().selected, true);
  });
  return {
    ...parts,
    parts: () => [
      ...parts.parts(),
      ...lazy.parts(),
      ...(tablist ? [[tablist, tabs.semantics.list?.(state(), view)] as const] : []),
    ],
    show(change) {
      if (change.name !== 'selected') return;
      const { value, previous, reason } = change;
      const tab = items.elementOf(value);
      if (!tab && value !== undefined) tell('key-missing', root, { key: value });
      // `hidden` must be up to date below.
      engine.flush();
      // Its tab was closed, so focus moves to the neighbour.
      if (items.elementOf(previous)?.hidden && reason !== 'program') tab?.focus();
      reveal(tablist, tab);
      lazy.turn(previous, false);
      lazy.turn(value, true);
    },
    settle(change) {
      if (change.name === 'selected' && change.reason !== 'native') address?.keep(change.value);
    },
    stands: () => !tablist || root.contains(tablist),
    release() {
      isOver = true;
      parts.release();
      lazy.release();
      address?.release();
    },
  };
}

/**
 * Wires tabs. `root` contains a tablist and its panels. Follows the WAI-ARIA tabs pattern.
 *
 * @param root - The element that contains the tablist and the panels.
 * @param own - The options.
 * @returns The wired tabs.
 * @throws TypeError if `root` isn't an element or is already wired, or if an option is unknown or has an
 * invalid value.
 */
export function wireTabs(root: HTMLElement, own?: TabsOptions): Tabs {
  const options = optionsOf(tabs, own, root);
  let tabParts = tabPartsIn(root);
  const read = (): TabsState => {
    const all = tabParts.items.all();
    const closed = new Set(all.flatMap(({ element, key }) => (element.hidden ? [key] : [])));
    const left = leftOf(all, closed);
    const selected = left.find(({ element }) => element.ariaSelected === 'true')?.key ?? neighbour(left, 0);
    return { selected, closed };
  };
  const closed = firstKeys(options.closed);
  let close: Tabs['close'] = () => {};
  let isFirst = true;
  const wired = wire<TabsState, TabsOptions, TabsIntent>(
    root,
    { ...tabs, read },
    { ...options, ...(closed && { closed }) },
    (engine) => {
      close = (key) => engine.intend('remove', { reason: 'program' }, key);
      if (!isFirst) tabParts = tabPartsIn(root);
      isFirst = false;
      return serve(engine, tabParts, read);
    },
  );
  return keepWired({ ...wired, select: (key) => wired.selected.set(key), close: (key) => close(key) });
}
