// The tree model: nodes by key, the rows that show, and checks carried up and down. Opening a branch costs what
// the branch holds, not what the tree does. Pure: each act answers with a new model that shares what stayed.
import { sameKeys } from './selection.js';

export interface TreeNode {
  key: string;
  label: string;
  disabled?: boolean;
  /** Children that are known; undefined for a leaf, `lazy` for a branch that has yet to be asked for. */
  children?: readonly TreeNode[] | 'lazy';
}

/** What is known of a node's place; positions count from 1. */
export interface Placed {
  node: TreeNode;
  parent: string | undefined;
  level: number;
  position: number;
  size: number;
}

export interface Tree {
  roots: readonly TreeNode[];
  /** Every known node by key. */
  nodes: ReadonlyMap<string, Placed>;
}

export const isBranch = ({ children }: TreeNode): boolean => children === 'lazy' || !!children?.length;

const childrenOf = (node: TreeNode): readonly TreeNode[] =>
  node.children === 'lazy' ? [] : (node.children ?? []);

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
      if (nodes.has(node.key))
        throw new TypeError(
          `elastic-shell: tree node "${node.key}" (${node.label}) stands in it twice; give each node a key of its own`,
        );
      nodes.set(node.key, { node, parent: above, level: depth, position: at + 1, size: list.length });
      const children = childrenOf(node);
      if (children.length) waiting.push([children, node.key, depth + 1]);
    });
  }
};

/** Makes the model. Throws a TypeError when a key stands in it twice, which a cycle does too. */
export function treeOf(roots: readonly TreeNode[]): Tree {
  const nodes = new Map<string, Placed>();
  place(nodes, roots, undefined, 1);
  return { roots, nodes };
}

/** The model with the children of a lazy branch. The same model when the branch is not there or not lazy. */
export function withChildren(tree: Tree, key: string, children: readonly TreeNode[]): Tree {
  const placed = tree.nodes.get(key);
  if (placed?.node.children !== 'lazy') return tree;
  const nodes = new Map(tree.nodes);
  const node = { ...placed.node, children };
  nodes.set(key, { ...placed, node });
  place(nodes, children, key, placed.level + 1);
  return { roots: tree.roots.map((root) => (root.key === key ? node : root)), nodes };
}

/** The children of a node as the model knows them now. */
const known = (tree: Tree, node: TreeNode): readonly TreeNode[] =>
  childrenOf(tree.nodes.get(node.key)?.node ?? node);

/** The keys of what is under `siblings` and shows while `expanded` is open, in order. */
function showing(tree: Tree, siblings: readonly TreeNode[], expanded: ReadonlySet<string>): string[] {
  const rows: string[] = [];
  const waiting = [...siblings].reverse();
  for (let node = waiting.pop(); node; node = waiting.pop()) {
    rows.push(node.key);
    if (expanded.has(node.key)) waiting.push(...[...known(tree, node)].reverse());
  }
  return rows;
}

/** The rows that show, in order. */
export const visibleRows = (tree: Tree, expanded: ReadonlySet<string>): string[] =>
  showing(tree, tree.roots, expanded);

/** `rows` after `key` was opened (`expanded` holds it) or closed. Costs what the branch shows. */
export function turnRow(
  tree: Tree,
  rows: readonly string[],
  key: string,
  expanded: ReadonlySet<string>,
): string[] {
  const at = rows.indexOf(key);
  const placed = tree.nodes.get(key);
  if (at < 0 || !placed) return [...rows];
  let end = at + 1;
  while (end < rows.length && tree.nodes.get(rows[end]!)!.level > placed.level) end++;
  const under = expanded.has(key) ? showing(tree, known(tree, placed.node), expanded) : [];
  return [...rows.slice(0, at + 1), ...under, ...rows.slice(end)];
}

/** The keys of the branches around a node, from the root. */
export function wayTo(tree: Tree, key: string): string[] {
  const way: string[] = [];
  for (let at = tree.nodes.get(key)?.parent; at !== undefined; at = tree.nodes.get(at)?.parent)
    way.unshift(at);
  return way;
}

/** The matches of a filter and everything around them. */
export function filtered(tree: Tree, matches: (label: string) => unknown): ReadonlySet<string> {
  const kept = new Set<string>();
  for (const [key, { node }] of tree.nodes) {
    if (!matches(node.label)) continue;
    for (let at: string | undefined = key; at !== undefined && !kept.has(at); at = tree.nodes.get(at)?.parent)
      kept.add(at);
  }
  return kept;
}

const leavesUnder = (tree: Tree, key: string): string[] => {
  const leaves: string[] = [];
  const waiting = [key];
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    const node = tree.nodes.get(next)?.node;
    if (!node) continue;
    const children = known(tree, node);
    if (children.length) waiting.push(...children.map((child) => child.key));
    else if (!node.disabled) leaves.push(next);
  }
  return leaves;
};

export type Check = 'true' | 'false' | 'mixed';

/** What a node shows, of the checked leaves under it. */
export function checkOf(tree: Tree, checked: ReadonlySet<string>, key: string): Check {
  const leaves = leavesUnder(tree, key);
  const count = leaves.filter((leaf) => checked.has(leaf)).length;
  return count === 0 ? 'false' : count === leaves.length ? 'true' : 'mixed';
}

/** The checked leaves after a node was turned over: a mixed one becomes checked. The same set when nothing changes. */
export function turnCheck(tree: Tree, checked: ReadonlySet<string>, key: string): ReadonlySet<string> {
  const leaves = leavesUnder(tree, key);
  const on = leaves.some((leaf) => !checked.has(leaf));
  const next = new Set(checked);
  for (const leaf of leaves) next[on ? 'add' : 'delete'](leaf);
  return sameKeys(next, checked) ? checked : next;
}
