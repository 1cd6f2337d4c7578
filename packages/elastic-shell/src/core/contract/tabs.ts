// Tabs: a list of tabs, each with a panel, of which one shows.
import { move } from '../collection/movement.js';
import { neighbour, indexOf } from '../collection/items.js';
import type { Contract, KeyAct, Notes, View } from './contract.js';
import { guardOption, onChangeOption } from './openable.js';

export type TabsPart = 'root' | 'list' | 'item' | 'panel' | 'opener';

export interface TabsState {
  /** The key of the tab whose panel shows. */
  selected: string | undefined;
  /** The keys of the tabs that were closed. */
  closed: ReadonlySet<string>;
}

export interface TabsChoices {
  /** Whether moving to a tab shows its panel, or Enter, Space and a press do. Default: `automatic`. */
  activation?: 'automatic' | 'manual';
  /** Default: what aria-orientation on the tablist says, else `horizontal`. */
  orientation?: 'horizontal' | 'vertical';
  /** From the last tab goes on to the first, and back. Default: true. */
  wrap?: boolean;
  /** Delete, or a press on [data-close] in a tab, closes it. Default: false; true for a tab with data-closable. */
  closable?: boolean;
  /** The address keeps the selected tab, as #key; back and forward select. Default: false. */
  address?: boolean;
}

/** The vocabulary of its options. */
export const tabsChoices = {
  activation: ['automatic', 'manual'],
  orientation: ['horizontal', 'vertical'],
} as const;

const moves = { next: 'next', previous: 'previous', Home: 'first', End: 'last' } as const;

/** What keys do: along the orientation they move, and with automatic activation they also select. */
export function tabsKeys({ activation, orientation }: TabsChoices): Record<string, KeyAct> {
  const line = orientation === 'vertical' ? 'block' : 'inline';
  const act = (way: keyof typeof moves): KeyAct => ({
    move: moves[way],
    ...(activation !== 'manual' && { intent: 'pick' }),
  });
  return {
    [`${line}-next`]: act('next'),
    [`${line}-previous`]: act('previous'),
    Home: act('Home'),
    End: act('End'),
    Enter: { intent: 'pick' },
    Space: { intent: 'pick' },
    Delete: { intent: 'close' },
  };
}

type Tabs = View<TabsChoices>;

/** The tabs that are not closed. */
const left = ({ items = [] }: Tabs, closed: ReadonlySet<string>) =>
  items.filter(({ key }) => !closed.has(key));

function close(state: TabsState, key: string, view: Tabs): TabsState {
  const item = view.items?.find((each) => each.key === key);
  if (state.closed.has(key) || !(view.options.closable ?? item?.closable)) return state;
  const closed = new Set(state.closed).add(key);
  const at = indexOf(left(view, state.closed), key);
  const selected = key === state.selected ? neighbour(left(view, closed), at) : state.selected;
  return { selected, closed };
}

/** Step and semantics of tabs. Which one is selected at first the pattern reads. */
export const tabs: Omit<Contract<TabsState, TabsPart, TabsChoices>, 'read'> = {
  name: 'tabs',
  commands: { '--next': 'next', '--previous': 'previous', '--first': 'first', '--last': 'last' },
  step(state, intent, view) {
    if (intent === 'close') return close(state, view.at!, view);
    const selected =
      intent === 'pick' || intent === 'found'
        ? view.at
        : move(left(view, state.closed), state.selected, intent, view.options);
    return selected === state.selected ? state : { ...state, selected };
  },
  semantics: {
    list: (_, { options }) => (options.orientation ? { 'aria-orientation': options.orientation } : {}),
    item: ({ selected, closed }, _, key) => ({
      'aria-selected': `${key === selected}`,
      ...(closed.has(key!) && { hidden: '' }),
    }),
    panel: ({ selected, closed }, { labelledBy }, key) => ({
      'aria-labelledby': labelledBy!,
      hidden: key === selected ? null : closed.has(key!) ? '' : 'until-found',
    }),
  },
};

export const tabsNotes: Notes<TabsPart> = {
  name: 'tabs',
  says: 'A list of tabs, each with a panel, of which one shows.',
  standard: 'WAI-ARIA Authoring Practices, Tabs',
  parts: {
    root: {
      is: 'the element that holds the list and the panels',
      required: true,
      why: 'It is what is wired, and what commands name.',
    },
    list: {
      is: 'role="tablist", with a name and, when vertical, aria-orientation',
      required: true,
      why: 'It groups the tabs and tells which arrow keys move.',
    },
    item: {
      is: 'role="tab" in the list, best a <button>; its key is data-key, else id, else its place from 0',
      required: true,
      why: 'One tab stop for all of them; arrows move.',
    },
    panel: {
      is: 'role="tabpanel": named by aria-controls, or with the data-key of its tab, or in the order of the tabs',
      required: true,
      why: 'It is named by its tab, and takes focus itself when nothing in it does.',
    },
    opener: {
      is: 'a <button> whose commandfor names the root, with --next, --previous, --first or --last',
      required: false,
      why: 'For a next and a back button in the panels.',
    },
  },
  keys: [
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Goes to the next tab, which shows its panel; wraps. ArrowDown when vertical',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Goes to the previous tab, which shows its panel; wraps. ArrowUp when vertical',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Goes to the first tab', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last tab', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Shows its panel, where moving alone does not', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Shows its panel, where moving alone does not', by: 'engine' },
    {
      on: 'item',
      key: 'Delete',
      does: 'Closes the tab, when it can be closed; focus goes to its neighbour',
      by: 'engine',
    },
    { on: 'item', key: 'Tab', does: 'Goes into the panel', by: 'browser' },
  ],
  presses: [
    { on: 'item', does: 'Shows its panel' },
    { on: 'opener', does: 'Shows the next, previous, first or last panel' },
  ],
  states: [
    {
      name: 'selected',
      type: 'a key, or undefined when there is no tab to select',
      first: 'the tab with aria-selected="true", else the first that is not disabled',
      shown: 'aria-selected and tabindex on the tabs; hidden="until-found" on the other panels',
    },
    {
      name: 'closed',
      type: 'a set of keys',
      first: 'the tabs with hidden',
      shown: 'hidden on the tab and its panel',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  options: [
    {
      name: 'selected',
      values: 'a key or a cell',
      default: 'as the markup shows',
      does: 'The first state, or a cell that is followed both ways.',
    },
    {
      name: 'activation',
      values: 'automatic, manual',
      default: 'automatic',
      does: 'Whether moving to a tab shows its panel.',
    },
    {
      name: 'orientation',
      values: 'horizontal, vertical',
      default: 'as aria-orientation says',
      does: 'Which arrow keys move.',
    },
    {
      name: 'wrap',
      values: 'true, false',
      default: 'true',
      does: 'From the last goes on to the first, and back.',
    },
    {
      name: 'closable',
      values: 'true, false',
      default: 'false',
      does: 'Delete and [data-close] close a tab; data-closable says it for one.',
    },
    {
      name: 'address',
      values: 'true, false',
      default: 'false',
      does: 'The address keeps the selected tab, as #key; back and forward select.',
    },
    {
      name: 'content',
      values: '{ key: function }',
      default: 'none',
      does: 'Content that comes when its tab is first selected; as for a popover, for each panel.',
    },
    {
      name: 'keepContent',
      values: 'true, false',
      default: 'true',
      does: 'Whether such content stays when another tab is selected.',
    },
    guardOption,
    onChangeOption,
  ],
  owes: [
    'One tab stop, always, where any tab can be reached; disabled tabs are passed over.',
    'A list that is too long scrolls, and the selected tab is kept in view.',
    'Tabs and panels that come or go later are taken up; when the selected one goes, its neighbour is selected.',
    'Find-in-page finds what stands in the other panels and shows it, reason "found".',
    'A key that no tab has is kept until one comes; meanwhile no panel shows, and the journal says so.',
  ],
};
