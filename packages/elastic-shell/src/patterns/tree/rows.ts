// The rows of a tree: of its model, read from nested lists or given as data, those that show for the state.
//
// The model is kept whole; a filter leaves a part of it, and of that shows what stands under open branches. When one
// branch was opened or closed, only what is under it is looked at again.
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
  /** The whole tree, and what a filter leaves of it. */
  all(): Tree;
  shown(): Tree;
  /** The tree is another now. */
  become(tree: Tree): void;
  set(items: readonly TreeNode[]): void;
  /** The markup has changed. */
  reread(): void;
  /** The keys of rows whose markup has an attribute with the value true. */
  marked(attribute: string): string[];
  join(host: TreeRowHost): void;
  /** The branches that a filter opens, and how many rows it has found. */
  openByFilter(): string[];
  found(): number;
  /** The row around the current one when that shows no more, and whether focus was there. */
  lost(current: string | undefined): Lost | undefined;
  /** Whether a filter leaves a row out, where rows stand in markup. */
  isLeftOut(key: string): boolean;
  /** Whether rows made from data are still in the tree. */
  stands(): boolean;
  /** What stands in rows is made anew. */
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

/** What the rows are made of now. */
interface Held {
  root: HTMLElement;
  settings: TreeSettings;
  items: Items;
  data: DataRows<TreeNode> | undefined;
  host: TreeRowHost | undefined;
  all: Tree;
  /** What a filter leaves of it, the keys it keeps, and the search that found them. */
  tree: Tree;
  kept: ReadonlySet<string> | undefined;
  search: Search<TreeNode> | undefined;
  visible: readonly TreeNode[];
  /** What the visible rows were worked out for. */
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

/** The one branch that was opened or closed between two sets; undefined where it was more than one. */
const turnedKey = (before: ReadonlySet<string>, after: ReadonlySet<string>): string | undefined => {
  const keys = touchedKeys(before, after);
  return keys.length === 1 ? keys[0] : undefined;
};

/** The row around the current one, where that shows no more. */
function loseCurrent({ root, all, visible, items }: Held, current: string | undefined): Lost | undefined {
  if (current === undefined || indexOf(visible, current) >= 0) return undefined;
  const around = wayTo(all, current).findLast((key) => indexOf(visible, key) >= 0);
  return around === undefined
    ? undefined
    : { key: around, hadFocus: items.of(activeIn(root))?.key === current };
}

/** Brings what shows up to the state. */
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

/** Puts the marker, and the box where rows are checked, into a row. */
const frameRow = (row: HTMLElement, hasCheck: boolean | undefined): void => {
  for (const mark of ['data-marker', ...(hasCheck ? ['data-check'] : [])]) {
    const part = row.ownerDocument.createElement('span');
    part.setAttribute(mark, '');
    part.setAttribute('aria-hidden', 'true');
    row.append(part);
  }
};

/** The rows of `root`, as `settings` say. */
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
