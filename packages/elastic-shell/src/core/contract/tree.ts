// The tree view: branches that expand and collapse, and rows to move through, select and check.
import { type Check, checkOf, turnCheck } from '../collection/checks.js';
import { expand } from '../collection/expansion.js';
import { holds, touchedChosen } from '../collection/selection.js';
import { touchedKeys } from '../collection/touched.js';
import { isBranch, type Tree, type TreeNode } from '../collection/tree.js';
import type { ContractWithoutRead, ItemsView, KeyActs } from './contract.js';
import { stepExpansion } from './expanding.js';
import { treeOptionKinds } from './option-kinds.js';
import { movesBy, rowMoves, selectCommands, stepSelecting } from './selecting.js';
import { modeOf, type TreeChoices, type TreeIntent, type TreeState } from './tree-state.js';

/** The names of its methods. */
export const treeMethods = [
  'select',
  'deselect',
  'clear',
  'expand',
  'collapse',
  'expandTo',
  'check',
  'uncheck',
] as const;

export type { TreeChoices, TreeIntent, TreePart, TreeState } from './tree-state.js';

const spaces = { none: 'default', single: 'pick', multiple: 'toggle' } as const;

/** The keys of a row. */
export function treeKeys(options: TreeChoices): KeyActs<TreeIntent> {
  const mode = modeOf(options);
  return {
    ...movesBy(rowMoves, mode === 'multiple'),
    'inline-next': 'inward',
    'inline-previous': 'outward',
    '*': 'siblings',
    Enter: 'default',
    Space: options.checks ? 'turn-check' : spaces[mode],
  };
}

/** The values that a tree reads from the page. */
export interface TreeView extends ItemsView<TreeChoices> {
  /** The tree whose visible rows are the items. */
  readonly tree?: Tree;
  /** The whole tree, if a filter hides part of it. */
  readonly whole?: Tree;
  /** Returns whether the children of a row are loading. */
  readonly isBusy?: (key: string) => boolean;
}

const nodeOf = (tree: Tree | undefined, key: string | undefined): TreeNode | undefined =>
  key === undefined ? undefined : tree?.nodes.get(key)?.node;

const parentOf = (tree: Tree | undefined, key: string | undefined): string | undefined =>
  key === undefined ? undefined : tree?.nodes.get(key)?.parent;

const turn = (state: TreeState, key: string | undefined, open: boolean): TreeState => {
  const expanded = key === undefined ? state.expanded : expand(state.expanded, key, open);
  return expanded === state.expanded ? state : { ...state, expanded };
};

/** Returns whether a row is a branch, and whether it is expanded. */
const isOpen = (state: TreeState, node: TreeNode | undefined): boolean | undefined =>
  node && isBranch(node) ? state.expanded.has(node.key) : undefined;

function inward(state: TreeState, { tree, current }: TreeView): TreeState {
  const node = nodeOf(tree, current);
  const open = isOpen(state, node);
  if (!node || open === undefined) return state;
  if (!open) return turn(state, current, true);
  const first = node.children !== 'lazy' && node.children?.[0];
  return first ? { ...state, current: first.key } : state;
}

function outward(state: TreeState, { tree, current }: TreeView): TreeState {
  if (isOpen(state, nodeOf(tree, current))) return turn(state, current, false);
  const parent = parentOf(tree, current);
  return parent === undefined ? state : { ...state, current: parent };
}

function siblings(state: TreeState, { tree, current }: TreeView): TreeState {
  const parent = parentOf(tree, current);
  const children = parent === undefined ? tree?.roots : nodeOf(tree, parent)?.children;
  const all = children === 'lazy' ? [] : (children ?? []);
  const closed = all.filter((node) => isOpen(state, node) === false);
  if (!closed.length) return state;
  return { ...state, expanded: new Set([...state.expanded, ...closed.map(({ key }) => key)]) };
}

/** Every known branch. */
const branchesOf = (tree: Tree | undefined): string[] =>
  [...(tree?.nodes.values() ?? [])].flatMap(({ node }) => (isBranch(node) ? [node.key] : []));

function check(state: TreeState, intent: 'check' | 'uncheck' | 'turn-check', view: TreeView): TreeState {
  const { at = view.current, tree, whole = tree } = view;
  const node = nodeOf(tree, at);
  if (!node || !whole) return state;
  const { key, disabled } = node;
  const before = checkOf(whole, state.checked, key);
  const isSo = (intent === 'check' && before === 'true') || (intent === 'uncheck' && before === 'false');
  let checked = disabled || isSo ? state.checked : turnCheck(whole, state.checked, key);
  // Toggling a mixed row checks it.
  if (intent === 'uncheck' && before === 'mixed') checked = turnCheck(whole, checked, key);
  const current = intent === 'turn-check' ? key : state.current;
  return checked === state.checked && current === state.current ? state : { ...state, checked, current };
}

function step(state: TreeState, intent: TreeIntent, view: TreeView): TreeState {
  const { at = view.current, tree, options } = view;
  const { checks, toggleBy, activation } = options;
  const isBranchThere = isOpen(state, nodeOf(tree, at)) !== undefined;
  const toggled = (): TreeState => turn({ ...state, current: at }, at, !state.expanded.has(at ?? ''));
  switch (intent) {
    case 'inward':
      return inward(state, view);
    case 'outward':
      return outward(state, view);
    case 'siblings':
      return siblings(state, view);
    case 'check':
    case 'uncheck':
    case 'turn-check':
      return check(state, intent, view);
    case 'toggle-branch':
      return toggled();
    case 'expand':
    case 'collapse': {
      const expanded = stepExpansion(state.expanded, intent, view.at, branchesOf(tree));
      return expanded === state.expanded ? state : { ...state, expanded };
    }
    // The default action: expands or collapses a branch, selects or checks a leaf.
    case 'default':
      if (isBranchThere) return toggled();
      return step(state, checks ? 'turn-check' : 'pick', { ...view, at });
    case 'press': {
      if (toggleBy === 'marker' || !isBranchThere)
        return step(state, checks ? 'turn-check' : 'pick', { ...view, at });
      return step(toggled(), 'pick', { ...view, at });
    }
    default:
      return stepSelecting(
        state,
        intent,
        { ...view, at },
        { mode: modeOf(options), follows: activation === 'automatic' },
      );
  }
}

const checkShown = ({ checked }: TreeState, tree: Tree | undefined, key: string): Check =>
  tree?.nodes.has(key) ? checkOf(tree, checked, key) : 'false';

/** The commands, step and semantics of a tree. The pattern reads what is initially expanded and selected. */
export const tree: ContractWithoutRead<TreeState, TreeChoices, TreeIntent> = {
  name: 'tree',
  fixed: ['items', 'multiple', 'checks'],
  options: treeOptionKinds,
  commands: {
    ...selectCommands,
    '--expand': 'expand',
    '--collapse': 'collapse',
    '--toggle': 'toggle-branch',
    '--check': 'check',
    '--uncheck': 'uncheck',
  },
  free: ['current', 'query'],
  step,
  touches(before, after) {
    if (before.checked !== after.checked) return undefined;
    return [
      ...touchedKeys(before.expanded, after.expanded),
      ...touchedChosen(before.selected, after.selected),
    ];
  },
  semantics: {
    root: (_, { options, root }) => ({
      'data-wired': 'tree',
      role: root.getAttribute('role') ?? 'tree',
      // Firefox makes every scrollable element a tab stop.
      tabindex: '-1',
      ...((options.multiple || options.checks) && { 'aria-multiselectable': 'true' }),
    }),
    item(state, { tree: all, whole = all, options, isBusy }: TreeView, key) {
      const placed = all?.nodes.get(key);
      const open = isOpen(state, placed?.node);
      return {
        role: 'treeitem',
        'aria-expanded': open === undefined ? null : `${open}`,
        ...(placed && {
          'aria-level': `${placed.level}`,
          'aria-posinset': `${placed.position}`,
          'aria-setsize': `${placed.size}`,
        }),
        ...(options.checks && { 'aria-checked': checkShown(state, whole, key) }),
        ...(modeOf(options) !== 'none' && { 'aria-selected': `${holds(state.selected, key)}` }),
        ...(isBusy?.(key) && { 'aria-busy': 'true' }),
      };
    },
  },
};
