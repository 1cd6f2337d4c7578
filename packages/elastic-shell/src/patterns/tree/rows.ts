// The rows of a tree: its model, read from nested lists or given as data, and the rows that are visible in a
// state. The model is kept whole. A filter leaves part of it, and of that the rows in expanded branches are
// visible. When one branch is expanded or collapsed, only that branch is updated.
import { indexOf, type Item } from '../../core/collection/items.js';
import { type Search, searchIn } from '../../core/collection/search.js';
import { touchedKeys } from '../../core/collection/touched.js';
import {
  filtered,
  isBranch,
  nodesOf,
  pruned,
  type Tree,
  type TreeNode,
  treeOf,
  turnRow,
  visibleRows,
  wayTo,
} from '../../core/collection/tree.js';
import type { Writable } from '../../core/contract/contract.js';
import type { TreeState, TreeView } from '../../core/contract/tree.js';
import { activeIn } from '../../focus/focusable.js';
import type { Items } from '../../list/items.js';
import { type DataRows, dataRows } from '../../list/rows/data-rows.js';
import { itemsIn } from '../../list/rows/source.js';
import { markedIn, readTree, treeItemsIn } from './markup.js';
import type { TreeSettings } from './types.js';

/** The rows of one tree. */
export interface TreeRows {
  items: Items;
  /** The whole tree, and the part that a filter leaves. */
  all(): Tree;
  shown(): Tree;
  /** The tree has changed. */
  become(tree: Tree): void;
  set(items: readonly TreeNode[]): void;
  /** The markup has changed. */
  reread(): void;
  /** Returns the keys of rows on which an attribute is "true". */
  marked(attribute: string): string[];
  join(host: TreeRowHost): void;
  /** Returns the branches that a filter expands, and the number of matches. */
  openByFilter(): string[];
  found(): number;
  /** Returns the closest visible row above the current one if that is hidden, and whether focus was on it. */
  lost(current: string | undefined): Lost | undefined;
  /** Returns whether a filter hides a row of the markup. */
  isLeftOut(key: string): boolean;
  /** Returns whether rows rendered from data are still in the tree. */
  stands(): boolean;
  /** Renders the content of rows again. */
  renderAgain(): void;
  release(): void;
}

/** The running tree, as its rows need it. */
export interface TreeRowHost {
  readonly view: Writable<TreeView>;
  state(): TreeState;
}

interface Lost {
  key: string;
  hadFocus: boolean;
}

/** The source of the rows. */
interface Held {
  root: HTMLElement;
  settings: TreeSettings;
  items: Items;
  data: DataRows<TreeNode> | undefined;
  host: TreeRowHost | undefined;
  all: Tree;
  /** The part that a filter leaves, the keys it keeps, and the search that found them. */
  tree: Tree;
  kept: ReadonlySet<string> | undefined;
  search: Search<TreeNode> | undefined;
  visible: readonly TreeNode[];
  /** The state for which the visible rows were computed. */
  last: { all: Tree; query: string; expanded: ReadonlySet<string> } | undefined;
  lost: Lost | undefined;
}

function filter(held: Held, query: string): void {
  const { all, settings } = held;
  held.search = query
    ? searchIn(nodesOf(all), query, settings.match ?? 'contains', undefined, held.search)
    : undefined;
  held.search?.go();
  held.kept = held.search && filtered(all, held.search.found());
  held.tree = held.kept ? pruned(all, held.kept) : all;
}

/** Returns the one branch that differs between two sets, or undefined if there are several. */
const turnedKey = (before: ReadonlySet<string>, after: ReadonlySet<string>): string | undefined => {
  const keys = touchedKeys(before, after);
  return keys.length === 1 ? keys[0] : undefined;
};

/** Returns the closest visible row above the current one, if that is hidden. */
function loseCurrent({ root, all, visible, items }: Held, current: string | undefined): Lost | undefined {
  if (current === undefined || indexOf(visible, current) >= 0) return undefined;
  const around = wayTo(all, current).findLast((key) => indexOf(visible, key) >= 0);
  return around === undefined
    ? undefined
    : { key: around, hadFocus: items.of(activeIn(root))?.key === current };
}

/** Updates the visible rows to the state. */
function sync(held: Held): void {
  const { host, all, last } = held;
  if (!host) return;
  const { expanded, query, current } = host.state();
  const isOther = !last || last.all !== all || last.query !== query;
  if (!isOther && last.expanded === expanded) return;
  if (isOther) filter(held, query);
  const turned = isOther ? undefined : turnedKey(last.expanded, expanded);
  held.last = { all, query, expanded };
  held.visible =
    turned === undefined
      ? visibleRows(held.tree, expanded)
      : turnRow(held.tree, held.visible, turned, expanded);
  host.view.tree = held.tree;
  host.view.whole = all;
  held.lost = loseCurrent(held, current);
  held.data?.set(held.visible);
}

/** Adds the marker, and a checkbox if rows can be checked, to a row. */
const frameRow = (row: HTMLElement, hasCheck: boolean | undefined): void => {
  for (const mark of ['data-marker', ...(hasCheck ? ['data-check'] : [])]) {
    const part = row.ownerDocument.createElement('span');
    part.setAttribute(mark, '');
    part.setAttribute('aria-hidden', 'true');
    row.append(part);
  }
};

/** Creates the rows of `root`, with the options in `settings`. */
export function treeRows(root: HTMLElement, settings: TreeSettings): TreeRows {
  const { items: given, checks } = settings;
  const markup = treeItemsIn(root);
  const all = given ? treeOf(itemsIn(given)) : readTree(markup);
  const data = given
    ? dataRows<TreeNode>(root, settings, {
        frame: (row) => frameRow(row, checks),
        filled: (row, { key }) =>
          row.style.setProperty('--shell-level', `${held.all.nodes.get(key)?.level ?? 1}`),
      })
    : undefined;
  const held: Held = {
    root,
    settings,
    items: data ?? markup,
    data,
    host: undefined,
    all,
    tree: all,
    kept: undefined,
    search: undefined,
    visible: [],
    last: undefined,
    lost: undefined,
  };
  const visibleNow = (): readonly Item[] => {
    sync(held);
    return held.visible;
  };
  return {
    items: { ...held.items, items: visibleNow },
    all: () => held.all,
    shown: () => held.tree,
    become(next) {
      held.all = next;
    },
    set(next) {
      held.all = treeOf(next);
    },
    reread() {
      held.all = readTree(markup);
    },
    marked: (attribute) => (given ? [] : markedIn(markup, attribute)),
    join(host) {
      held.host = host;
    },
    openByFilter() {
      sync(held);
      return [...(held.kept ?? [])].filter((key) => {
        const node = held.tree.nodes.get(key)?.node;
        return node && isBranch(node) && node.children !== 'lazy';
      });
    },
    found: () => held.search?.places.length ?? 0,
    lost(current) {
      sync(held);
      const now = held.lost;
      held.lost = undefined;
      return now && indexOf(held.visible, current) < 0 ? now : undefined;
    },
    isLeftOut: (key) => !given && held.kept?.has(key) === false,
    stands: () => data?.stands() ?? true,
    renderAgain: () => data?.renderAgain(),
    release: () => data?.release(),
  };
}
