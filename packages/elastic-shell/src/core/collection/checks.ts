// The checks of a tree: the checked leaves, and the states of the branches above them. Pure. Counts are kept
// for each set, so that toggling a leaf costs its path to the root, and a branch its content.
import { type Tree, wayTo } from './tree.js';

/** The state of a node's checkbox. */
export type Check = 'true' | 'false' | 'mixed';

/** The leaves in each branch, by its key. */
type Counts = Map<string, number>;

const totals = new WeakMap<Tree, Counts>();
const counted = new WeakMap<ReadonlySet<string>, { tree: Tree; counts: Counts }>();

const childrenIn = (tree: Tree, key: string) => {
  const children = tree.nodes.get(key)?.node.children;
  return children === 'lazy' || !children?.length ? undefined : children;
};
const isLeaf = (tree: Tree, key: string): boolean =>
  !childrenIn(tree, key) && !tree.nodes.get(key)?.node.disabled;

const count = (tree: Tree, counts: Counts, key: string, by: number): void => {
  for (let at = tree.nodes.get(key)?.parent; at !== undefined; at = tree.nodes.get(at)?.parent)
    counts.set(at, (counts.get(at) ?? 0) + by);
};

/** The number of checkable leaves in each branch. */
const totalOf = (tree: Tree): Counts => {
  let counts = totals.get(tree);
  if (!counts) {
    totals.set(tree, (counts = new Map()));
    for (const key of tree.nodes.keys()) if (isLeaf(tree, key)) count(tree, counts, key, 1);
  }
  return counts;
};

/** The number of checked leaves in each branch. */
const countOf = (tree: Tree, checked: ReadonlySet<string>): Counts => {
  const known = counted.get(checked);
  if (known?.tree === tree) return known.counts;
  const counts: Counts = new Map();
  for (const key of checked) if (isLeaf(tree, key)) count(tree, counts, key, 1);
  counted.set(checked, { tree, counts });
  return counts;
};

/** Returns the state of a node from the checked leaves below it. A branch without leaves has its own. */
export function checkOf(tree: Tree, checked: ReadonlySet<string>, key: string): Check {
  const all = totalOf(tree).get(key);
  if (!all) return checked.has(key) ? 'true' : 'false';
  const some = countOf(tree, checked).get(key) ?? 0;
  return some === 0 ? 'false' : some === all ? 'true' : 'mixed';
}

const leavesUnder = (tree: Tree, key: string): string[] => {
  const leaves: string[] = [];
  const waiting = [key];
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    const children = childrenIn(tree, next);
    if (children) for (const child of children) waiting.push(child.key);
    else if (isLeaf(tree, next)) leaves.push(next);
  }
  return leaves;
};

/**
 * Returns the checked leaves after toggling a node. A mixed node becomes checked. Returns the same set if
 * nothing changes.
 */
export function turnCheck(tree: Tree, checked: ReadonlySet<string>, key: string): ReadonlySet<string> {
  const leaves = leavesUnder(tree, key);
  const on = leaves.some((leaf) => !checked.has(leaf));
  const turned = leaves.filter((leaf) => checked.has(leaf) !== on);
  if (!turned.length) return checked;
  const next = new Set(checked);
  const counts = new Map(countOf(tree, checked));
  for (const leaf of turned) next[on ? 'add' : 'delete'](leaf);
  // Every leaf below the node is now checked, or none is. The branches above it are updated by that number.
  const all = totalOf(tree);
  const waiting = [key];
  for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
    const children = childrenIn(tree, at);
    if (!children) continue;
    counts.set(at, on ? (all.get(at) ?? 0) : 0);
    for (const child of children) waiting.push(child.key);
  }
  for (const above of wayTo(tree, key))
    counts.set(above, (counts.get(above) ?? 0) + (on ? turned.length : -turned.length));
  counted.set(next, { tree, counts });
  return next;
}
