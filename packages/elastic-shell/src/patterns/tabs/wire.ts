// Tabs on an element: `wireTabs`.
import { neighbour } from '../../core/collection/items.js';
import type { Cell } from '../../core/cell.js';
import { tabs, type TabsChoices, tabsChoices, tabsKeys, type TabsState } from '../../core/contract/tabs.js';
import { tell } from '../../core/report.js';
import { addressOf } from './address.js';
import { collection } from '../../list/panels.js';
import { wire } from '../../engine/engine.js';
import { holdsStop } from '../../focus/focusable.js';
import { type ItemElement, itemsOf } from '../../list/items.js';
import { type LazyPanelOptions, lazyPanels } from '../../content/lazy-panels.js';
import { optionsOf } from '../../engine/options.js';
import { namedBy } from '../../engine/registry.js';
import type { CommonOptions, Wired } from '../../engine/types.js';

export interface TabsOptions extends CommonOptions, TabsChoices, LazyPanelOptions {
  /** The key of the selected tab, or a cell that is followed and written to. Default: as the markup shows. */
  selected?: string | Cell<string | undefined>;
  /** The keys of closed tabs, or a cell. Default: the tabs with hidden. */
  closed?: Iterable<string> | Cell<ReadonlySet<string>>;
}

export interface Tabs extends Wired {
  /** The key of the selected tab. A tab's key is its data-key, else its id, else its place from 0. */
  readonly selected: Cell<string | undefined>;
  readonly closed: Cell<ReadonlySet<string>>;
  select(key: string): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    tabs: TabsOptions;
  }
}

const listOf = (root: HTMLElement): HTMLElement | null =>
  root.matches('[role=tablist]') ? root : root.querySelector('[role=tablist]');

/** The own panels of `root`, without those of tabs inside a panel. */
const panelsOf = (root: HTMLElement): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>('[role=tabpanel]')].filter(
    (panel) => !root.contains(panel.parentElement!.closest('[role=tabpanel]')),
  );

/** The panel of a tab: named by id, or with its key, or in its place. */
const panelOf = (root: HTMLElement, { element, key }: ItemElement, at: number): HTMLElement | undefined => {
  const id = namedBy(element);
  const named = id ? (root.getRootNode() as Document).getElementById(id) : undefined;
  if (named) return named;
  const panels = panelsOf(root);
  return (
    panels.find(({ dataset }) => dataset['key'] === key) ??
    panels.filter(({ dataset }) => dataset['key'] === undefined)[at]
  );
};

/**
 * Wires tabs: `root` holds a tablist and its panels. Follows the WAI-ARIA tabs pattern. Throws a TypeError
 * when `root` is no element or is wired already, or an option's value is unknown.
 */
export function wireTabs(root: HTMLElement, own: TabsOptions = {}): Tabs {
  const options = optionsOf('tabs', own, tabsChoices);
  const items = itemsOf(root, () => {
    const list = listOf(root);
    const tabsIn = list?.querySelectorAll<HTMLElement>('[role=tab]') ?? [];
    return [...tabsIn].filter((tab) => tab.closest('[role=tablist]') === list);
  });
  const read = (): TabsState => {
    const all = items.all();
    const closed = new Set(all.filter(({ element }) => element.hidden).map(({ key }) => key));
    const left = all.filter(({ key }) => !closed.has(key));
    const selected = left.find(({ element }) => element.ariaSelected === 'true')?.key ?? neighbour(left, 0);
    return { selected, closed };
  };
  const contract = { ...tabs, read };
  const closed =
    options.closed && !('subscribe' in options.closed) ? new Set(options.closed) : options.closed;
  const wired = wire<TabsState, TabsChoices & LazyPanelOptions & CommonOptions>(
    root,
    contract,
    { ...options, closed } as TabsOptions,
    (engine) => {
      const list = listOf(root);
      let order = items.all().map(({ key }) => key);
      const follow = (selected: string | undefined, reason: 'removed' | 'native'): void =>
        engine.change({ selected }, { reason }, true);
      const parts = collection(engine, contract, {
        items,
        panelOf: (item, at) => panelOf(root, item, at),
        keys: () => tabsKeys({ orientation: list?.ariaOrientation as 'vertical', ...options }),
        press: 'pick',
        moves: { wrap: options.wrap ?? true },
        isThere: (key) => !engine.state().closed.has(key),
        stop: ({ selected }) => selected,
        panelParts: (panel, key) =>
          key === engine.state().selected && !holdsStop(panel) ? { tabindex: '0' } : {},
        changed(now) {
          const { selected, closed: gone } = engine.state();
          const before = order;
          order = now.map(({ key }) => key);
          const left = now.filter(({ key }) => !gone.has(key));
          if (selected === undefined) follow(read().selected, 'native');
          else if (!order.includes(selected) && before.includes(selected))
            follow(neighbour(left, before.indexOf(selected)), 'removed');
        },
      });
      const lazy = lazyPanels(engine, parts.panelOf);
      const address = options.address ? addressOf(root.ownerDocument) : undefined;
      const bring = (key: string): void => {
        if (parts.elementOf(key)) follow(key, 'native');
      };
      address?.hear((key) => (key ? bring(key) : follow(read().selected, 'native')));
      queueMicrotask(() => {
        if (address) bring(address.read());
        lazy.turn(engine.state().selected, true);
      });
      return {
        ...parts,
        parts: () => [
          ...parts.parts!(),
          ...lazy.parts(),
          ...(list ? [[list, contract.semantics.list?.(engine.state(), engine.view)] as const] : []),
        ],
        show({ name, value, previous, reason }) {
          if (name !== 'selected') return;
          const tab = parts.elementOf(value as string);
          if (!tab && value !== undefined) tell('key-missing', root, value);
          // Its tab is closed: focus goes to the neighbour, not to nowhere.
          if (parts.elementOf(previous as string)?.hidden && reason !== 'program') tab?.focus();
          tab?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
          lazy.turn(previous as string, false);
          lazy.turn(value as string, true);
        },
        settle({ name, value, reason }) {
          if (name === 'selected' && reason !== 'native') address?.keep(value as string | undefined);
        },
        release() {
          parts.release!();
          lazy.release();
          address?.release();
        },
      };
    },
  );
  return { ...wired, select: (key) => wired.selected.set(key) };
}
