// The tree view: branches that open and close, rows that are moved through, selected and checked.
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

/** What a program calls on it, by name. */
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

/** What the keys mean on a row. */
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

/** What a tree reads of the page. */
export interface TreeView extends ItemsView<TreeChoices> {
  /** The tree whose rows that show are the items. */
  readonly tree?: Tree;
  /** The whole tree, if a filter hides some of it. */
  readonly whole?: Tree;
  /** Whether what is under a row is being fetched. */
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

/** Whether a row is a branch that can be opened, and whether it is open. */
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

/** Every branch that is known. */
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
  // Turned over, what is mixed becomes checked first.
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
    // The default action: of a branch to open or close, of a leaf to be selected or checked.
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

/** Commands, step and semantics of a tree. What is open and selected at first the pattern reads. */
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
      // Firefox makes whatever scrolls a tab stop of its own.
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
