// The details of one part, beside the tree: its place, its material, and the order for it.
import type { TreeNode } from 'elastic-shell';
import { make } from './draw';

interface Known {
  node: TreeNode;
  parent: string | undefined;
}

export interface Detail {
  /** Another tree. */
  replace(nodes: readonly TreeNode[]): void;
  /** Children that were loaded. */
  add(parent: string, nodes: readonly TreeNode[]): void;
  show(key: string): void;
  order(keys: ReadonlySet<string>): void;
}

/** How many lines of a list are shown. For the rest only the number is shown. */
const longest = 12;

const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;

const nameOf = ({ label, key }: TreeNode): string => label ?? key;

const fill = <T>(list: HTMLElement, entries: readonly T[], wordsOf: (entry: T) => string): void => {
  const rest = entries.length - longest;
  list.replaceChildren(
    ...entries.slice(0, longest).map((entry) => make('li', {}, wordsOf(entry))),
    ...(rest > 0 ? [make('li', { class: 'small' }, `and ${rest.toLocaleString('en-GB')} more`)] : []),
  );
};

/** Fills the section of the page. */
export function makeDetail(): Detail {
  const known = new Map<string, Known>();
  let shown = 'boat';
  const childrenOf = ({ children }: TreeNode): readonly TreeNode[] =>
    Array.isArray(children) ? (children as readonly TreeNode[]) : [];
  const learn = (nodes: readonly TreeNode[], parent?: string): void => {
    for (const node of nodes) {
      known.set(node.key, { node, parent });
      learn(childrenOf(node), node.key);
    }
  };
  const pathOf = (key: string): TreeNode[] => {
    const found = known.get(key);
    return found ? [...(found.parent === undefined ? [] : pathOf(found.parent)), found.node] : [];
  };
  const leaves = (node: TreeNode): number => {
    const children = childrenOf(node);
    return children.length ? children.reduce((sum, child) => sum + leaves(child), 0) : 1;
  };

  function show(key: string): void {
    const path = pathOf(key);
    const node = path.at(-1);
    if (!node) return;
    shown = key;
    const children = childrenOf(node);
    const isFetched = node.children !== 'lazy' || children.length > 0;
    find('#part-name').textContent = nameOf(node);
    find('#part-path').textContent = path.slice(0, -1).map(nameOf).join(' › ');
    const facts: Record<string, string> = {
      Number: node.key.toUpperCase(),
      'Single parts': children.length ? leaves(node).toLocaleString('en-GB') : '1',
      'Fetched from the store': isFetched ? 'yes' : 'when it is opened',
    };
    find('#part-facts').replaceChildren(
      ...Object.entries(facts).map(([name, value]) =>
        make('div', {}, make('dt', {}, name), make('dd', {}, value)),
      ),
    );
    find('#part-made-of').hidden = !children.length;
    fill(find('#part-children'), children, nameOf);
  }
  return {
    replace(nodes) {
      known.clear();
      learn(nodes);
      const [first] = nodes;
      if (first) show(first.key);
    },
    add(parent, nodes) {
      const found = known.get(parent);
      if (!found) return;
      known.set(parent, { ...found, node: { ...found.node, children: nodes } });
      learn(nodes, parent);
      if (shown === parent) show(parent);
    },
    show,
    order(keys) {
      find('#order-none').hidden = keys.size > 0;
      fill(find('#order-lines'), [...keys], (key) => nameOf(known.get(key)?.node ?? { key }));
    },
  };
}
