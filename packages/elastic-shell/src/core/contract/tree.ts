// The tree view: branches that open and close, rows that are moved through, selected and checked.
import { type Check, checkOf, turnCheck } from '../collection/checks.js';
import { expand } from '../collection/expansion.js';
import { holds, type SelectionMode } from '../collection/selection.js';
import { isBranch, type Tree, type TreeNode } from '../collection/tree.js';
import type { Contract, View } from './contract.js';
import { movesBy, rowMoves, type Selecting, stepSelecting } from './selecting.js';

export type TreePart = 'root' | 'item' | 'group' | 'marker';

export interface TreeState extends Selecting {
  /** The keys of the open branches. */
  expanded: ReadonlySet<string>;
  /** The keys of the checked leaves. */
  checked: ReadonlySet<string>;
  /** What the rows are filtered by; empty for nothing. */
  query: string;
}

export interface TreeChoices {
  /** What can be selected. Default: `single`. */
  selection?: SelectionMode | 'checks';
  /** What a press on a row does besides selecting: opens and closes its branch, or only its marker does. Default: `row`. */
  toggleBy?: 'row' | 'marker';
  /** In a single selection, whether moving to a row selects it. Default: `manual`. */
  activation?: 'automatic' | 'manual';
}

/** The vocabulary of its options. */
export const treeChoices = {
  selection: ['none', 'single', 'multiple', 'checks'],
  toggleBy: ['row', 'marker'],
  activation: ['automatic', 'manual'],
  match: ['starts-with', 'contains'],
} as const;

const spaces: Record<string, string> = {
  none: 'default',
  single: 'pick',
  multiple: 'toggle',
  checks: 'check',
};

export const treeKeys = ({ selection = 'single' }: TreeChoices): Record<string, string> => ({
  ...movesBy(rowMoves, selection === 'multiple'),
  'inline-next': 'inward',
  'inline-previous': 'outward',
  '*': 'siblings',
  Enter: 'default',
  Space: spaces[selection]!,
});

type Rows = View<TreeChoices>;

const nodeOf = (tree: Tree | undefined, key: string | undefined): TreeNode | undefined =>
  tree?.nodes.get(key!)?.node;

const turn = (state: TreeState, key: string | undefined, open: boolean): TreeState => {
  const expanded = key === undefined ? state.expanded : expand(state.expanded, key, open);
  return expanded === state.expanded ? state : { ...state, expanded };
};

/** Whether a row is a branch that can be opened, and whether it is open. */
const isOpen = (state: TreeState, node: TreeNode | undefined): boolean | undefined =>
  node && isBranch(node) ? state.expanded.has(node.key) : undefined;

function inward(state: TreeState, { tree, current }: Rows): TreeState {
  const node = nodeOf(tree, current);
  const open = isOpen(state, node);
  if (open === undefined) return state;
  if (!open) return turn(state, current, true);
  const first = node!.children !== 'lazy' && node!.children?.[0];
  return first ? { ...state, current: first.key } : state;
}

function outward(state: TreeState, { tree, current }: Rows): TreeState {
  if (isOpen(state, nodeOf(tree, current))) return turn(state, current, false);
  const parent = tree?.nodes.get(current!)?.parent;
  return parent === undefined ? state : { ...state, current: parent };
}

function siblings(state: TreeState, { tree, current }: Rows): TreeState {
  const parent = tree?.nodes.get(current!)?.parent;
  const children = parent === undefined ? tree?.roots : nodeOf(tree, parent)?.children;
  const closed = (children === 'lazy' ? [] : (children ?? [])).filter(
    (node) => isOpen(state, node) === false,
  );
  if (!closed.length) return state;
  return { ...state, expanded: new Set([...state.expanded, ...closed.map(({ key }) => key)]) };
}

function step(state: TreeState, intent: string, view: Rows): TreeState {
  const { at = view.current, tree, options } = view;
  const { selection = 'single', toggleBy, activation } = options;
  const node = nodeOf(tree, at);
  if (intent === 'inward') return inward(state, view);
  if (intent === 'outward') return outward(state, view);
  if (intent === 'siblings') return siblings(state, view);
  if (intent === 'turn') return turn({ ...state, current: at }, at, !state.expanded.has(at!));
  if (intent === 'check') {
    const checked =
      node && !node.disabled ? turnCheck(view.whole ?? tree!, state.checked, at!) : state.checked;
    return checked === state.checked && at === state.current ? state : { ...state, checked, current: at };
  }
  // The default action: of a branch to open or close, of a leaf to be selected or checked.
  if (intent === 'default') {
    if (isOpen(state, node) !== undefined) return step(state, 'turn', view);
    return step(state, selection === 'checks' ? 'check' : 'pick', { ...view, at });
  }
  if (intent === 'press') {
    const turned =
      toggleBy !== 'marker' && isOpen(state, node) !== undefined ? step(state, 'turn', view) : state;
    return step(turned, selection === 'checks' && turned === state ? 'check' : 'pick', { ...view, at });
  }
  const mode = selection === 'checks' ? 'none' : selection;
  return stepSelecting(
    state,
    intent,
    { ...view, at },
    {
      ...view.moves,
      wrap: false,
      reachDisabled: true,
      mode,
      follows: activation === 'automatic',
    },
  );
}

/** What the box of a row shows. */
export const checkShown = ({ checked }: TreeState, tree: Tree | undefined, key: string): Check =>
  tree?.nodes.has(key) ? checkOf(tree, checked, key) : 'false';

/** Step and semantics of a tree. What is open and selected at first the pattern reads. */
export const tree: Omit<Contract<TreeState, TreePart, TreeChoices>, 'read'> = {
  name: 'tree',
  commands: {},
  step,
  semantics: {
    root: (_, { options, root }) => ({
      role: root.getAttribute('role') ?? 'tree',
      ...(/multiple|checks/.test(options.selection ?? '') && { 'aria-multiselectable': 'true' }),
    }),
    item(state, { tree: all, whole = all, options, isBusy }, key) {
      const { selection = 'single' } = options;
      const placed = all?.nodes.get(key!);
      const open = isOpen(state, placed?.node);
      return {
        role: 'treeitem',
        'aria-expanded': open === undefined ? null : `${open}`,
        ...(placed && {
          'aria-level': `${placed.level}`,
          'aria-posinset': `${placed.position}`,
          'aria-setsize': `${placed.size}`,
        }),
        ...(selection === 'checks'
          ? { 'aria-checked': checkShown(state, whole, key!) }
          : selection !== 'none' && { 'aria-selected': `${holds(state.selected, key!)}` }),
        ...(isBusy?.(key!) && { 'aria-busy': 'true' }),
      };
    },
  },
};
