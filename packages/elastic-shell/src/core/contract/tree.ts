// The tree view: branches that open and close, rows that are moved through, selected and checked.
import { type Check, checkOf, turnCheck } from '../collection/checks.js';
import { expand } from '../collection/expansion.js';
import { holds, type SelectionMode } from '../collection/selection.js';
import { isBranch, type Tree, type TreeNode } from '../collection/tree.js';
import type { Contract, Notes, View } from './contract.js';
import { guardOption, onChangeOption } from './openable.js';
import { movesBy, type Selecting, stepSelecting } from './selecting.js';

export type TreePart = 'root' | 'item' | 'group' | 'twisty';

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
  /** What a press on a row does besides selecting: opens and closes its branch, or only its twisty does. Default: `row`. */
  toggleBy?: 'row' | 'twisty';
  /** In a single selection, whether moving to a row selects it. Default: `manual`. */
  activation?: 'automatic' | 'manual';
}

/** The vocabulary of its options. */
export const treeChoices = {
  selection: ['none', 'single', 'multiple', 'checks'],
  toggleBy: ['row', 'twisty'],
  activation: ['automatic', 'manual'],
  match: ['starts-with', 'contains'],
} as const;

const moves = {
  'block-next': 'next',
  'block-previous': 'previous',
  Home: 'first',
  End: 'last',
  PageDown: 'page-next',
  PageUp: 'page-previous',
};

const spaces: Record<string, string> = {
  none: 'default',
  single: 'pick',
  multiple: 'toggle',
  checks: 'check',
};

export const treeKeys = ({ selection = 'single' }: TreeChoices): Record<string, string> => ({
  ...movesBy(moves, selection === 'multiple'),
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
    const checked = node && !node.disabled ? turnCheck(tree!, state.checked, at!) : state.checked;
    return checked === state.checked && at === state.current ? state : { ...state, checked, current: at };
  }
  // The default action: of a branch to open or close, of a leaf to be selected or checked.
  if (intent === 'default') {
    if (isOpen(state, node) !== undefined) return step(state, 'turn', view);
    return step(state, selection === 'checks' ? 'check' : 'pick', { ...view, at });
  }
  if (intent === 'press') {
    const turned =
      toggleBy !== 'twisty' && isOpen(state, node) !== undefined ? step(state, 'turn', view) : state;
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
    item(state, { tree: all, options, isBusy }, key) {
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
          ? { 'aria-checked': checkShown(state, all, key!) }
          : selection !== 'none' && { 'aria-selected': `${holds(state.selected, key!)}` }),
        ...(isBusy?.(key!) && { 'aria-busy': 'true' }),
      };
    },
  },
};

export const treeNotes: Notes<TreePart> = {
  name: 'tree',
  says: 'Rows in branches that open and close, to move through, select or check.',
  standard: 'WAI-ARIA Authoring Practices, Tree View',
  parts: {
    root: {
      is: 'a named list (nested lists are read), or an empty element with role="tree" and the option items',
      required: true,
      why: 'It is one tab stop, and what scrolls.',
    },
    item: {
      is: 'an <li> of the nested lists; its key is data-key, else id, else its place. Or made from data',
      required: true,
      why: 'It is a row: what is moved to, opened, selected.',
    },
    group: { is: 'a list inside an <li>', required: false, why: 'It holds the rows under a branch.' },
    twisty: {
      is: '[data-twisty] in a row',
      required: false,
      why: 'A press on it opens and closes, and never selects.',
    },
  },
  keys: [
    { on: 'item', key: 'ArrowDown', does: 'Goes to the next row that shows', by: 'engine' },
    { on: 'item', key: 'ArrowUp', does: 'Goes to the previous row that shows', by: 'engine' },
    {
      on: 'item',
      key: 'ArrowRight',
      does: 'Opens a closed branch; on an open one goes to its first row; on a leaf nothing',
      by: 'engine',
    },
    {
      on: 'item',
      key: 'ArrowLeft',
      does: 'Closes an open branch; else goes to the branch around it',
      by: 'engine',
    },
    { on: 'item', key: 'Home', does: 'Goes to the first row', by: 'engine' },
    { on: 'item', key: 'End', does: 'Goes to the last row that shows', by: 'engine' },
    { on: 'item', key: 'PageDown', does: 'Goes on by what is in view', by: 'engine' },
    { on: 'item', key: 'PageUp', does: 'Goes back by what is in view', by: 'engine' },
    { on: 'item', key: 'letters', does: 'Goes to the next row that begins with them', by: 'engine' },
    { on: 'item', key: '*', does: 'Opens all branches beside this one', by: 'engine' },
    { on: 'item', key: 'Enter', does: 'Opens or closes a branch; selects or checks a leaf', by: 'engine' },
    { on: 'item', key: 'Space', does: 'Selects the row; with checks, checks it', by: 'engine' },
    { on: 'item', key: 'Shift+Arrow', does: 'Of several: extends the range', by: 'engine' },
    { on: 'item', key: 'Control+a', does: 'Of several: selects all rows that show', by: 'engine' },
  ],
  presses: [
    { on: 'twisty', does: 'Opens or closes the branch' },
    {
      on: 'item',
      does: 'Selects the row, and opens or closes its branch unless told not to; of several, with Control or Command takes it in or out, with Shift selects the range',
    },
  ],
  states: [
    {
      name: 'expanded',
      type: 'a set of keys',
      first: 'the rows with aria-expanded="true"',
      shown: 'aria-expanded on branches; hidden on the groups of closed ones',
    },
    {
      name: 'selected',
      type: 'a key or undefined; with multiple, a set of keys',
      first: 'the rows with aria-selected="true"',
      shown: 'aria-selected on every row',
    },
    {
      name: 'checked',
      type: 'a set of the keys of checked leaves',
      first: 'the leaves with aria-checked="true"',
      shown: 'aria-checked on every row: true, false or mixed',
    },
    {
      name: 'current',
      type: 'a key, or undefined',
      first: 'undefined: the tab stop is the first selected row, else the first',
      shown: 'tabindex on the rows, and focus',
    },
    {
      name: 'query',
      type: 'text',
      first: 'empty',
      shown: 'only the rows that match, and the branches around them',
    },
    { name: 'busy', type: 'boolean, read only', first: 'false', shown: 'aria-busy on the root' },
  ],
  options: [
    {
      name: 'expanded, selected, checked, query',
      values: 'first values or cells',
      default: 'as the markup shows',
      does: 'First states, or cells that are followed both ways.',
    },
    {
      name: 'selection',
      values: 'none, single, multiple, checks',
      default: 'single',
      does: 'What can be selected.',
    },
    {
      name: 'activation',
      values: 'automatic, manual',
      default: 'manual',
      does: 'Whether moving to a row selects it.',
    },
    {
      name: 'toggleBy',
      values: 'row, twisty',
      default: 'row',
      does: 'Whether a press on the row opens and closes its branch, or only one on its twisty.',
    },
    {
      name: 'items',
      values: 'a list of nodes or a cell',
      default: 'none: the markup holds them',
      does: 'Rows as data: { key, label, disabled, children }, where children are a list, or "lazy".',
    },
    {
      name: 'children',
      values: 'function',
      default: 'none',
      does: 'Given a lazy node and an AbortSignal, answers with its children, at once or by a promise.',
    },
    { name: 'render', values: 'function', default: 'the label', does: 'Makes what stands in a row.' },
    {
      name: 'match',
      values: 'starts-with, contains or a function',
      default: 'contains',
      does: 'How the query finds a row.',
    },
    {
      name: 'rowHeight',
      values: 'same, measured',
      default: 'same',
      does: 'Whether each row that is shown is measured.',
    },
    guardOption,
    onChangeOption,
  ],
  owes: [
    'One tab stop; closing a branch that holds focus moves focus to that branch.',
    'A branch whose children are fetched is busy meanwhile; a failure says so in a row of its own, which tries again.',
    'A filter keeps the matches and the branches around them; clearing it closes what it opened.',
    'reveal(key) opens the way to a row and scrolls it into view.',
    'From data only the rows in view are on the page; 100,000 work at the speed of 100.',
    'A key that stands in it twice, or a cycle, is a TypeError that names it.',
  ],
};
