// The contract of the tree, step by step: what each intent comes to, what the keys ask for, and what rows say.
import { treeOf, visibleRows } from '../../src/core/collection/tree';
import type { RootView } from '../../src/core/contract/contract';
import {
  tree as contract,
  type TreeChoices,
  type TreeIntent,
  treeKeys,
  type TreeState,
  type TreeView,
} from '../../src/core/contract/tree';

const nodes = [
  {
    key: 'hull',
    label: 'Hull',
    children: [
      { key: 'keel', label: 'Keel' },
      { key: 'ribs', label: 'Ribs', children: [{ key: 'frame', label: 'Frame' }] },
      { key: 'deck', label: 'Deck', children: [{ key: 'hatch', label: 'Hatch' }] },
    ],
  },
  { key: 'rig', label: 'Rig', children: 'lazy' as const },
  { key: 'oar', label: 'Oar', disabled: true },
  { key: 'log', label: 'Log' },
];
const whole = treeOf(nodes);
const root: RootView = { id: 't', localName: 'ul', getAttribute: () => null, hasAttribute: () => false };
const none: ReadonlySet<string> = new Set();
const nothing: TreeState = {
  selected: undefined,
  current: undefined,
  expanded: none,
  checked: none,
  query: '',
};
const set = (...keys: string[]): ReadonlySet<string> => new Set(keys);

const viewOf = (state: TreeState, options: TreeChoices = {}, at?: string): TreeView => ({
  root,
  options,
  items: visibleRows(whole, state.expanded),
  tree: whole,
  current: state.current,
  ...(at !== undefined && { at }),
});
const step = (
  state: Partial<TreeState>,
  intent: TreeIntent,
  at?: string,
  options?: TreeChoices,
): TreeState => {
  const before = { ...nothing, ...state };
  return contract.step(before, intent, viewOf(before, options, at));
};
/** What differs afterwards. */
const changes = (
  state: Partial<TreeState>,
  intent: TreeIntent,
  at?: string,
  options?: TreeChoices,
): object => {
  const before = { ...nothing, ...state };
  const after = contract.step(before, intent, viewOf(before, options, at));
  return Object.fromEntries(
    Object.entries(after).filter(([name, value]) => value !== before[name as keyof TreeState]),
  );
};
const isSame = (
  state: Partial<TreeState>,
  intent: TreeIntent,
  at?: string,
  options?: TreeChoices,
): boolean => {
  const before = { ...nothing, ...state };
  return contract.step(before, intent, viewOf(before, options, at)) === before;
};

describe('the keys of a tree', () => {
  it.each<[TreeChoices, string]>([
    [{}, 'pick'],
    [{ multiple: true }, 'toggle'],
    [{ checks: true }, 'turn-check'],
    [{ selectable: false }, 'default'],
    [{ checks: true, selectable: true, multiple: true }, 'turn-check'],
  ])('%j: Space is %s', (options, space) => {
    expect(treeKeys(options)).toMatchObject({
      'inline-next': 'inward',
      'inline-previous': 'outward',
      '*': 'siblings',
      Enter: 'default',
      Space: space,
    });
  });

  it('extend with Shift where several can be selected', () => {
    const plain = Object.keys(treeKeys({}));
    const several = Object.keys(treeKeys({ multiple: true }));
    expect(plain.filter((key) => key.includes('Shift'))).toEqual([]);
    expect(several.filter((key) => !plain.includes(key)).toSorted()).toEqual([
      'Control+Shift+End',
      'Control+Shift+Home',
      'Control+a',
      'Shift+End',
      'Shift+Home',
      'Shift+PageDown',
      'Shift+PageUp',
      'Shift+block-next',
      'Shift+block-previous',
    ]);
    expect(treeKeys({ multiple: true })).toMatchObject({
      'Shift+block-next': { to: 'next', then: 'extend' },
      'Shift+block-previous': { to: 'previous', then: 'extend' },
      'Control+Shift+Home': { to: 'first', then: 'extend' },
      'Control+Shift+End': { to: 'last', then: 'extend' },
      'Control+a': 'all',
    });
  });
});

describe('inward and outward', () => {
  it('open a closed branch, go into an open one, and leave a leaf', () => {
    expect(changes({ current: 'hull' }, 'inward')).toEqual({ expanded: set('hull') });
    expect(changes({ current: 'hull', expanded: set('hull') }, 'inward')).toEqual({ current: 'keel' });
    expect(changes({ current: 'rig' }, 'inward')).toEqual({ expanded: set('rig') });
    expect(isSame({ current: 'rig', expanded: set('rig') }, 'inward')).toBe(true);
    expect(isSame({ current: 'log' }, 'inward')).toBe(true);
    expect(isSame({}, 'inward')).toBe(true);
    expect(isSame({ current: 'nobody' }, 'inward')).toBe(true);
  });

  it('close an open branch, else go to the parent, else nowhere', () => {
    const open = set('hull', 'ribs');
    expect(changes({ current: 'ribs', expanded: open }, 'outward')).toEqual({ expanded: set('hull') });
    expect(changes({ current: 'frame', expanded: open }, 'outward')).toEqual({ current: 'ribs' });
    expect(changes({ current: 'deck', expanded: open }, 'outward')).toEqual({ current: 'hull' });
    expect(isSame({ current: 'log' }, 'outward')).toBe(true);
    expect(isSame({}, 'outward')).toBe(true);
  });

  it('siblings opens what is closed beside the current row, and no leaf', () => {
    expect(changes({ current: 'log' }, 'siblings')).toEqual({ expanded: set('hull', 'rig') });
    expect(changes({ current: 'keel', expanded: set('hull', 'ribs') }, 'siblings')).toEqual({
      expanded: set('hull', 'ribs', 'deck'),
    });
    expect(isSame({ current: 'frame', expanded: set('hull', 'ribs') }, 'siblings')).toBe(true);
    expect(isSame({ current: 'log', expanded: set('hull', 'rig') }, 'siblings')).toBe(true);
  });
});

describe('branches', () => {
  it('are turned over by their marker, by Enter, and by a press unless only the marker does', () => {
    expect(changes({ current: 'log' }, 'toggle-branch', 'hull')).toEqual({
      current: 'hull',
      expanded: set('hull'),
    });
    expect(changes({ current: 'hull', expanded: set('hull') }, 'default')).toEqual({ expanded: set() });
    expect(changes({}, 'press', 'hull')).toEqual({
      current: 'hull',
      expanded: set('hull'),
      selected: 'hull',
    });
    expect(changes({}, 'press', 'hull', { toggleBy: 'marker' })).toEqual({
      current: 'hull',
      selected: 'hull',
    });
    expect(changes({}, 'press', 'hull', { toggleBy: 'marker', checks: true })).toEqual({
      current: 'hull',
      checked: set('keel', 'frame', 'hatch'),
    });
  });

  it('open and close by command: one, or all that are known', () => {
    expect(changes({}, 'expand', 'ribs')).toEqual({ expanded: set('ribs') });
    expect(changes({}, 'expand')).toEqual({ expanded: set('hull', 'ribs', 'deck', 'rig') });
    expect(changes({ expanded: set('hull', 'rig') }, 'collapse', 'rig')).toEqual({ expanded: set('hull') });
    expect(changes({ expanded: set('hull', 'rig') }, 'collapse')).toEqual({ expanded: set() });
    expect(isSame({ expanded: set('hull') }, 'expand', 'hull')).toBe(true);
  });
});

describe('leaves', () => {
  it('are selected, or checked where there are boxes', () => {
    expect(changes({}, 'press', 'log')).toEqual({ current: 'log', selected: 'log' });
    expect(changes({ current: 'log' }, 'default')).toEqual({ selected: 'log' });
    expect(changes({}, 'press', 'log', { checks: true })).toEqual({ current: 'log', checked: set('log') });
    expect(changes({ current: 'log' }, 'default', undefined, { checks: true })).toEqual({
      checked: set('log'),
    });
  });

  it('are selected by moving only if activation is automatic and one can be', () => {
    expect(changes({}, 'go', 'log')).toEqual({ current: 'log' });
    expect(changes({}, 'go', 'log', { activation: 'automatic' })).toEqual({
      current: 'log',
      selected: 'log',
    });
    expect(changes({ selected: set() }, 'go', 'log', { activation: 'automatic', multiple: true })).toEqual({
      current: 'log',
    });
  });
});

describe('checks', () => {
  const checks = { checks: true };

  it('turn over what is under a row; what is mixed becomes checked first', () => {
    expect(changes({ current: 'log' }, 'turn-check', 'hull', checks)).toEqual({
      current: 'hull',
      checked: set('keel', 'frame', 'hatch'),
    });
    expect(changes({ checked: set('keel') }, 'turn-check', 'hull', checks)).toEqual({
      current: 'hull',
      checked: set('keel', 'frame', 'hatch'),
    });
    expect(changes({ current: 'keel', checked: set('keel') }, 'turn-check', undefined, checks)).toEqual({
      checked: set(),
    });
  });

  it('by command check and uncheck, and leave what is current', () => {
    expect(changes({ current: 'log' }, 'check', 'keel', checks)).toEqual({ checked: set('keel') });
    expect(changes({ checked: set('keel', 'log') }, 'uncheck', 'hull', checks)).toEqual({
      checked: set('log'),
    });
    expect(changes({ checked: set('keel', 'frame', 'hatch') }, 'uncheck', 'hull', checks)).toEqual({
      checked: set(),
    });
    expect(isSame({ checked: set('keel') }, 'check', 'keel', checks)).toBe(true);
    expect(isSame({}, 'uncheck', 'keel', checks)).toBe(true);
    expect(isSame({}, 'check', 'oar', checks)).toBe(true);
    expect(isSame({}, 'check', 'nobody', checks)).toBe(true);
    expect(isSame({}, 'check', undefined, checks)).toBe(true);
  });

  it('go to a disabled row that is pressed, and leave its box', () => {
    expect(changes({}, 'turn-check', 'oar', checks)).toEqual({ current: 'oar' });
  });

  it('know of rows that a filter hides', () => {
    const state = { ...nothing, checked: set('frame') };
    const view = { ...viewOf(state, checks, 'keel'), tree: treeOf([{ key: 'keel', label: 'Keel' }]), whole };
    expect(contract.step(state, 'check', view).checked).toEqual(set('frame', 'keel'));
    expect(contract.step(state, 'check', { ...view, tree: undefined, whole: undefined } as never)).toBe(
      state,
    );
  });
});

describe('selection from afar and over a range', () => {
  const several = { multiple: true };

  it('of one, a program takes another or none', () => {
    expect(changes({ selected: 'log' }, 'select', 'keel')).toEqual({ selected: 'keel' });
    expect(isSame({ selected: 'log' }, 'select', 'log')).toBe(true);
    expect(isSame({ selected: 'log' }, 'select')).toBe(true);
    expect(changes({ selected: 'log' }, 'deselect', 'log')).toEqual({ selected: undefined });
    expect(isSame({ selected: 'log' }, 'deselect', 'keel')).toBe(true);
    expect(changes({ selected: 'log' }, 'clear')).toEqual({ selected: undefined });
    expect(isSame({}, 'clear')).toBe(true);
  });

  it('of several, it adds and takes away', () => {
    expect(changes({ selected: set('log') }, 'select', 'keel', several)).toEqual({
      selected: set('log', 'keel'),
    });
    expect(changes({ selected: set('log', 'keel') }, 'deselect', 'log', several)).toEqual({
      selected: set('keel'),
    });
    expect(changes({ selected: set('log') }, 'clear', undefined, several)).toEqual({ selected: set() });
  });

  it('goes on to a row from the current one, over all that can be selected', () => {
    expect(changes({ selected: set(), current: 'hull' }, 'extend', 'log', several)).toEqual({
      current: 'log',
      selected: set('hull', 'rig', 'log'),
    });
    expect(step({ selected: set(), current: 'rig' }, 'all', undefined, several)).toEqual({
      ...nothing,
      current: 'rig',
      selected: set('hull', 'rig', 'log'),
    });
    expect(changes({ selected: set('log') }, 'toggle', 'log', several)).toEqual({
      current: 'log',
      selected: set(),
    });
    expect(isSame({ selected: set() }, 'extend', 'nobody', several)).toBe(true);
    expect(isSame({ selected: set() }, 'toggle', undefined, several)).toBe(true);
  });
});

describe('what a tree says', () => {
  const item = (
    key: string,
    state: Partial<TreeState>,
    options: TreeChoices = {},
    more: Partial<TreeView> = {},
  ) =>
    contract.semantics.item!(
      { ...nothing, ...state },
      { ...viewOf({ ...nothing, ...state }, options), ...more },
      key,
    );

  it('of a branch and of a leaf', () => {
    expect(item('hull', { expanded: set('hull'), selected: 'hull' })).toEqual({
      role: 'treeitem',
      'aria-expanded': 'true',
      'aria-level': '1',
      'aria-posinset': '1',
      'aria-setsize': '4',
      'aria-selected': 'true',
    });
    expect(item('deck', {})).toMatchObject({
      'aria-expanded': 'false',
      'aria-level': '2',
      'aria-posinset': '3',
    });
    expect(item('log', {})).toMatchObject({ 'aria-expanded': null, 'aria-selected': 'false' });
    expect(item('nobody', {})).toEqual({ role: 'treeitem', 'aria-expanded': null, 'aria-selected': 'false' });
  });

  it('of boxes, and of what is on its way', () => {
    const checks = { checks: true };
    expect(item('hull', { checked: set('keel') }, checks)).toMatchObject({ 'aria-checked': 'mixed' });
    expect(item('keel', { checked: set('keel') }, checks)).toMatchObject({ 'aria-checked': 'true' });
    expect(item('nobody', {}, checks)).toEqual({
      role: 'treeitem',
      'aria-expanded': null,
      'aria-checked': 'false',
    });
    expect(item('rig', {}, {}, { isBusy: (key) => key === 'rig' })).toMatchObject({ 'aria-busy': 'true' });
    expect(item('log', {}, {}, { isBusy: (key) => key === 'rig' })).not.toHaveProperty('aria-busy');
    expect(item('log', {}, { selectable: false })).not.toHaveProperty('aria-selected');
  });

  it('of itself: whether several may be selected or checked', () => {
    const said = (options: TreeChoices, role: string | null = null): unknown =>
      contract.semantics.root!(nothing, {
        ...viewOf(nothing, options),
        root: { ...root, getAttribute: () => role },
      });
    const plain = { 'data-wired': 'tree', role: 'tree', tabindex: '-1' };
    expect(said({})).toEqual(plain);
    expect(said({}, 'treegrid')).toEqual({ ...plain, role: 'treegrid' });
    expect(said({ multiple: true })).toEqual({ ...plain, 'aria-multiselectable': 'true' });
    expect(said({ checks: true })).toEqual({ ...plain, 'aria-multiselectable': 'true' });
  });

  it('which rows a change touches: all where boxes change', () => {
    const touched = (after: Partial<TreeState>): unknown =>
      contract.touches!(nothing, { ...nothing, ...after }, viewOf(nothing));
    expect(touched({ checked: set('keel') })).toBeUndefined();
    expect(touched({ expanded: set('hull'), selected: 'log' })).toEqual(['hull', 'log']);
    expect(touched({ query: 'x' })).toEqual([]);
  });
});
