// The tree model: nodes by key, the rows that show, and checks carried up and down. Opening a branch costs what
// the branch holds, not what the tree does. Pure: each act answers with a new model that shares what stayed.
import { indexOf, type Item } from './items.js';

/** A row of a tree, as data. */
export interface TreeNode extends Item {
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

/** A tree: its first level, and every node that is known. */
export interface Tree {
  roots: readonly TreeNode[];
  /** Every known node by key. */
  nodes: ReadonlyMap<string, Placed>;
}

/** A node with children, or one that may have some. */
export const isBranch = ({ children }: TreeNode): boolean => children === 'lazy' || !!children?.length;

const childrenOf = (node: TreeNode): readonly TreeNode[] =>
  node.children === 'lazy' ? [] : (node.children ?? []);

/** A node has a key, and if it has a label that is a text; data need not keep to its type. */
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

/** The model with a branch that has yet to be asked for its children again. */
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

/** The children of a node as the model knows them now. */
const known = (tree: Tree, node: TreeNode): readonly TreeNode[] =>
  childrenOf(tree.nodes.get(node.key)?.node ?? node);

/** What is under `siblings` and shows while `expanded` is open, in order. */
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

/** The rows that show, in order. */
export const visibleRows = (tree: Tree, expanded: ReadonlySet<string>): readonly TreeNode[] =>
  showing(tree, tree.roots, expanded);

const levelOf = (tree: Tree, row: TreeNode | undefined): number =>
  (row && tree.nodes.get(row.key)?.level) ?? 0;

/** `rows` after `key` was opened (`expanded` holds it) or closed. Costs what the branch shows. */
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

/** The keys of the branches around a node, from the root. */
export function wayTo(tree: Tree, key: string): string[] {
  const way: string[] = [];
  for (let at = tree.nodes.get(key)?.parent; at !== undefined; at = tree.nodes.get(at)?.parent)
    way.unshift(at);
  return way;
}

const lists = new WeakMap<Tree, readonly TreeNode[]>();

/** Every known node of a tree in one list; the same list each time. */
export function nodesOf(tree: Tree): readonly TreeNode[] {
  const list = lists.get(tree) ?? [...tree.nodes.values()].map(({ node }) => node);
  lists.set(tree, list);
  return list;
}

/** What a filter has found, and everything around it. */
export function filtered(tree: Tree, found: Iterable<TreeNode>): ReadonlySet<string> {
  const kept = new Set<string>();
  for (const { key } of found)
    for (let at: string | undefined = key; at !== undefined && !kept.has(at); at = tree.nodes.get(at)?.parent)
      kept.add(at);
  return kept;
}

/** The nodes of `kept` and nothing else, as a tree of their own. */
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
