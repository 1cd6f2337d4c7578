// The tree model: nodes by key, the visible rows, and checks in both directions. Expanding a branch costs the
// size of the branch, not of the tree. Pure: each function returns a new model that shares unchanged parts.
import { indexOf, type Item } from './items.js';

/** A row of a tree, as data. */
export interface TreeNode extends Item {
  /** The children: undefined for a leaf, `lazy` for a branch that isn't loaded. */
  children?: readonly TreeNode[] | 'lazy';
}

/** A node and its place. Positions count from 1. */
export interface Placed {
  node: TreeNode;
  parent: string | undefined;
  level: number;
  position: number;
  size: number;
}

/** A tree: its first level, and all known nodes. */
export interface Tree {
  roots: readonly TreeNode[];
  /** Every known node by key. */
  nodes: ReadonlyMap<string, Placed>;
}

/** Returns whether a node has children, or may have some. */
export const isBranch = ({ children }: TreeNode): boolean => children === 'lazy' || !!children?.length;

const childrenOf = (node: TreeNode): readonly TreeNode[] =>
  node.children === 'lazy' ? [] : (node.children ?? []);

/**
 * Checks that a node has a key and, if it has a label, that both are texts: data may differ from its type.
 */
function checkNode(node: TreeNode | null | undefined, which: string): void {
  const must = (what: string, got: unknown): never => {
    throw new TypeError(
      `elastic-shell: tree node ${which} needs a text as its ${what}, got ${JSON.stringify(got)?.slice(0, 80)}`,
    );
  };
  if (typeof node?.key !== 'string') must('key', node);
  else if (node.label !== undefined && typeof node.label !== 'string') must('label', node.label);
}

const place = (
  nodes: Map<string, Placed>,
  siblings: readonly TreeNode[],
  parent: string | undefined,
  level: number,
): void => {
  const waiting: [readonly TreeNode[], string | undefined, number][] = [[siblings, parent, level]];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const [list, above, depth] = next;
    list.forEach((node, at) => {
      checkNode(node, `${at} ${above === undefined ? 'at the top' : `under "${above}"`}`);
      if (nodes.has(node.key))
        throw new TypeError(
          `elastic-shell: tree node "${node.key}" (${node.label}) has a duplicate key; give each node its own key`,
        );
      nodes.set(node.key, { node, parent: above, level: depth, position: at + 1, size: list.length });
      const children = childrenOf(node);
      if (children.length) waiting.push([children, node.key, depth + 1]);
    });
  }
};

/** Creates the model. Throws a TypeError for a duplicate key, and so for a cycle. */
export function treeOf(roots: readonly TreeNode[]): Tree {
  const nodes = new Map<string, Placed>();
  place(nodes, roots, undefined, 1);
  return { roots, nodes };
}

/**
 * Returns the model with the children of a lazy branch, or the same model if the branch is missing or not
 * lazy.
 */
export function withChildren(tree: Tree, key: string, children: readonly TreeNode[]): Tree {
  const placed = tree.nodes.get(key);
  if (placed?.node.children !== 'lazy') return tree;
  const nodes = new Map(tree.nodes);
  const node = { ...placed.node, children };
  nodes.set(key, { ...placed, node });
  place(nodes, children, key, placed.level + 1);
  return { roots: tree.roots.map((root) => (root.key === key ? node : root)), nodes };
}

/** Returns the model with a branch that is lazy again. */
export function withoutChildren(tree: Tree, key: string): Tree {
  const placed = tree.nodes.get(key);
  if (!placed || !isBranch(placed.node) || placed.node.children === 'lazy') return tree;
  const nodes = new Map(tree.nodes);
  const waiting = [...childrenOf(placed.node)];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    waiting.push(...known(tree, next));
    nodes.delete(next.key);
  }
  const node: TreeNode = { ...placed.node, children: 'lazy' };
  nodes.set(key, { ...placed, node });
  return { roots: tree.roots.map((root) => (root.key === key ? node : root)), nodes };
}

/** Returns the known children of a node. */
const known = (tree: Tree, node: TreeNode): readonly TreeNode[] =>
  childrenOf(tree.nodes.get(node.key)?.node ?? node);

/** Returns the visible rows below `siblings`, in order, for a set of expanded keys. */
function showing(tree: Tree, siblings: readonly TreeNode[], expanded: ReadonlySet<string>): TreeNode[] {
  const rows: TreeNode[] = [];
  const waiting = [...siblings].reverse();
  for (let node = waiting.pop(); node; node = waiting.pop()) {
    rows.push(node);
    if (!expanded.has(node.key)) continue;
    const children = known(tree, node);
    for (const child of [...children].reverse()) waiting.push(child);
  }
  return rows;
}

/** Returns the visible rows, in order. */
export const visibleRows = (tree: Tree, expanded: ReadonlySet<string>): readonly TreeNode[] =>
  showing(tree, tree.roots, expanded);

const levelOf = (tree: Tree, row: TreeNode | undefined): number =>
  (row && tree.nodes.get(row.key)?.level) ?? 0;

/** Returns `rows` after `key` was expanded or collapsed. The cost is the number of rows in the branch. */
export function turnRow(
  tree: Tree,
  rows: readonly TreeNode[],
  key: string,
  expanded: ReadonlySet<string>,
): readonly TreeNode[] {
  const at = indexOf(rows, key);
  const placed = tree.nodes.get(key);
  if (at < 0 || !placed) return rows;
  let end = at + 1;
  while (levelOf(tree, rows[end]) > placed.level) end++;
  const under = expanded.has(key) ? showing(tree, known(tree, placed.node), expanded) : [];
  return [...rows.slice(0, at + 1), ...under, ...rows.slice(end)];
}

/** Returns the keys of the branches above a node, from the root. */
export function wayTo(tree: Tree, key: string): string[] {
  const way: string[] = [];
  for (let at = tree.nodes.get(key)?.parent; at !== undefined; at = tree.nodes.get(at)?.parent)
    way.unshift(at);
  return way;
}

const lists = new WeakMap<Tree, readonly TreeNode[]>();

/** Returns all known nodes of a tree in one array, which is the same array each time. */
export function nodesOf(tree: Tree): readonly TreeNode[] {
  const list = lists.get(tree) ?? [...tree.nodes.values()].map(({ node }) => node);
  lists.set(tree, list);
  return list;
}

/** The matches of a filter, and the branches above them. */
export function filtered(tree: Tree, found: Iterable<TreeNode>): ReadonlySet<string> {
  const kept = new Set<string>();
  for (const { key } of found)
    for (let at: string | undefined = key; at !== undefined && !kept.has(at); at = tree.nodes.get(at)?.parent)
      kept.add(at);
  return kept;
}

/** Returns the nodes of `kept` as a tree. */
export function pruned(tree: Tree, kept: ReadonlySet<string>): Tree {
  const keep = (nodes: readonly TreeNode[]): TreeNode[] =>
    nodes
      .filter(({ key }) => kept.has(key))
      .map((node) => {
        const children = keep(known(tree, node));
        const own = tree.nodes.get(node.key)?.node ?? node;
        return own.children === 'lazy' ? own : { ...own, children };
      });
  return treeOf(keep(tree.roots));
}
