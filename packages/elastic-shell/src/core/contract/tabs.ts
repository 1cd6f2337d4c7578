// Tabs: a list of tabs, each with a panel, of which one is visible.
import { indexOf, type Item, neighbour } from '../collection/items.js';
import { isMove, type Move, move } from '../collection/movement.js';
import { given, touch, touchedKeys } from '../collection/touched.js';
import type { ContractWithoutRead, ItemsView, KeyAct, KeyActs, View } from './contract.js';
import { tabsOptionKinds } from './option-kinds.js';

/** The names of their methods. */
export const tabsMethods = ['select', 'close'] as const;

/** Their intents: a move, to select or be found, `close` (by a user), `remove` (by a command or code). */
export type TabsIntent = Move | 'select' | 'found' | 'close' | 'remove';
/** Their parts, as in their notes. */
export type TabsPart = 'root' | 'list' | 'item' | 'panel' | 'opener';

/** The states of tabs. */
export interface TabsState {
  /** The key of the tab whose panel is visible. */
  selected: string | undefined;
  /** The keys of the closed tabs. */
  closed: ReadonlySet<string>;
}

/** The options that their contract reads. */
export interface TabsChoices {
  /**
   * Specifies whether moving to a tab shows its panel. With `manual`, Enter, Space or a click shows it.
   *
   * @defaultValue `automatic`
   * @example { activation: 'manual' }
   */
  activation?: 'automatic' | 'manual';
  /**
   * Specifies which arrow keys move.
   *
   * @defaultValue `aria-orientation` of the tablist, or `horizontal`
   * @example { orientation: 'vertical' }
   */
  orientation?: 'horizontal' | 'vertical';
  /**
   * Specifies whether the arrow keys move from the last tab to the first, and back.
   *
   * @defaultValue true
   * @example { wrap: false }
   */
  wrap?: boolean;
  /**
   * Specifies whether Delete, or a click on `[data-close]` in a tab, closes the tab. In the markup of a tab:
   * `data-closable`.
   *
   * @defaultValue false
   * @example { closable: true }
   */
  closable?: boolean;
  /**
   * Specifies whether the address contains the selected tab: as `#key`, or as the address of a tab that is a
   * link. The back and forward buttons then select tabs.
   *
   * @defaultValue false
   * @example { address: true }
   */
  address?: boolean;
}

/** The orientation determines the arrow keys. With automatic activation a move also selects. */
export function tabsKeys({ activation, orientation }: TabsChoices): KeyActs<TabsIntent> {
  const line = orientation === 'vertical' ? 'block' : 'inline';
  const go = (to: Move): KeyAct<TabsIntent> => ({
    to,
    ...(activation !== 'manual' && { then: 'select' }),
  });
  return {
    [`${line}-next`]: go('next'),
    [`${line}-previous`]: go('previous'),
    Home: go('first'),
    End: go('last'),
    Enter: 'select',
    Space: 'select',
    Delete: 'close',
  };
}

type Tabs = View<TabsChoices>;

/** The tabs that aren't closed. */
const left = ({ items }: Tabs, closed: ReadonlySet<string>): readonly Item[] =>
  items.filter(({ key }) => !closed.has(key));

function close(state: TabsState, key: string, view: Tabs): TabsState {
  if (state.closed.has(key)) return state;
  const closed = touch(new Set(state.closed).add(key), state.closed, [key]);
  const at = indexOf(left(view, state.closed), key);
  const selected = key === state.selected ? neighbour(left(view, closed), at) : state.selected;
  return { selected, closed };
}

/** The commands, step and semantics of tabs. The pattern reads the initial selection. */
export const tabs: ContractWithoutRead<TabsState, TabsChoices, TabsIntent> = {
  name: 'tabs',
  fixed: ['content', 'loadOn', 'address'],
  options: tabsOptionKinds,
  commands: {
    '--next': 'next',
    '--previous': 'previous',
    '--first': 'first',
    '--last': 'last',
    '--select': 'select',
    '--close': 'remove',
  },
  attributeStates: { 'aria-selected': 'selected' },
  step(state, intent, view) {
    const { at = state.selected } = view;
    if (intent === 'close' || intent === 'remove') {
      // A key or a close button only closes closable tabs. Commands and code close any tab.
      const item = view.items.find(({ key }) => key === at);
      const may = intent === 'remove' || (view.options.closable ?? item?.closable);
      return item && may ? close(state, item.key, view) : state;
    }
    const selected = isMove(intent)
      ? move(left(view, state.closed), state.selected, intent, view.options)
      : at;
    return selected === state.selected ? state : { ...state, selected };
  },
  touches: (before, after) => [
    ...given(before.selected, after.selected),
    ...touchedKeys(before.closed, after.closed),
  ],
  semantics: {
    root: () => ({ 'data-wired': 'tabs' }),
    list: (_, { options }) => ({
      // Firefox makes every scrollable element a tab stop.
      tabindex: '-1',
      ...(options.orientation && { 'aria-orientation': options.orientation }),
    }),
    item: ({ selected, closed }, _, key) => ({
      'aria-selected': `${key === selected}`,
      ...(closed.has(key) && { hidden: '' }),
    }),
    panel: ({ selected, closed }, { labelledBy }: ItemsView, key) => ({
      'aria-labelledby': labelledBy ?? null,
      hidden: key === selected ? null : closed.has(key) ? '' : 'until-found',
    }),
  },
};
