// The rows of a tree: its model, read from nested lists or given as data, and what of it shows for the state.
import { indexOf, type Item } from '../../core/collection/items.js';
import { matcher, type MatchMode } from '../../core/collection/match.js';
import {
  filtered,
  isBranch,
  pruned,
  type Tree,
  type TreeNode,
  treeOf,
  turnRow,
  visibleRows,
  wayTo,
} from '../../core/collection/tree.js';
import type { Attributes } from '../../core/contract/contract.js';
import type { TreeState } from '../../core/contract/tree.js';
import { labelText } from '../../core/text.js';
import type { Engine } from '../../engine/engine.js';
import { activeIn } from '../../focus/focusable.js';
import { itemsOf } from '../../list/items.js';
import { type DataRows, dataRows, type RowOptions } from '../../list/rows/data-rows.js';
import { markupRows, type Rows } from '../../list/rows/rows.js';
import { itemsIn, type ItemsOption } from '../../list/rows/source.js';

export interface TreeSource {
  rows: Rows;
  /** The whole tree, and what a filter leaves of it. */
  all(): Tree;
  shown(): Tree;
  /** The tree is another now. */
  become(tree: Tree): void;
  set(items: readonly TreeNode[]): void;
  /** The markup has changed. */
  reread(): void;
  /** The keys of rows that have an attribute with the value true. */
  marked(): (attribute: string) => string[];
  join(engine: Pick<Engine<TreeState>, 'state' | 'view' | 'render'>): void;
  render(): void;
  /** The branches that a filter opens, and how many rows it has found. */
  openByFilter(): string[];
  found(): number;
  /** The row around the current one when that shows no more, and whether focus was there. */
  lost(current: string | undefined): { key: string; hadFocus: boolean } | undefined;
  parts(): Iterable<readonly [Element, Attributes]>;
  rowParts(key: string): Attributes;
  release(): void;
}

export interface TreeRowOptions extends RowOptions<TreeNode> {
  items?: ItemsOption<TreeNode>;
  selection?: string;
  match?: MatchMode | ((label: string, query: string) => unknown);
}

const groupOf = (row: Element): HTMLElement | null =>
  row.querySelector<HTMLElement>(':scope > ul, :scope > ol, :scope > [role=group]');

/** What a row is called, without the rows under it. */
const labelOf = (row: HTMLElement): string => {
  const own = row.getAttribute('aria-label');
  if (own) return own;
  const group = groupOf(row);
  const words = [...row.childNodes].filter((node) => node !== group).map((node) => node.textContent);
  return labelText(words.join(' '));
};

const single = (one: ReadonlySet<string>, other: ReadonlySet<string>): string | undefined => {
  const [less, more] = one.size < other.size ? [one, other] : [other, one];
  if (more.size !== less.size + 1) return undefined;
  const extra = [...more].filter((key) => !less.has(key));
  return extra.length === 1 ? extra[0] : undefined;
};

export function treeRows(root: HTMLElement, options: TreeRowOptions): TreeSource {
  const { items, match = 'contains', selection } = options;
  const source = itemsOf(root, () => root.querySelectorAll<HTMLElement>('li,[role=treeitem]'), labelOf);
  const read = (): Tree => {
    const under = new Map<Element | null, TreeNode[]>();
    for (const { element, key, label, disabled } of source.all()) {
      const parent = source.of(element.parentElement)?.element ?? null;
      const children: TreeNode[] = [];
      if (groupOf(element)) under.set(element, children);
      const node = { key, label: label!, disabled: !!disabled, ...(groupOf(element) && { children }) };
      if (!under.has(parent)) under.set(parent, []);
      under.get(parent)!.push(node);
    }
    return treeOf(under.get(null) ?? []);
  };

  let all = items ? treeOf(itemsIn(items)) : read();
  let tree = all;
  let visible: readonly TreeNode[] = [];
  let kept: ReadonlySet<string> | undefined;
  let matches = 0;
  let last: { all: Tree; query: string; expanded: ReadonlySet<string> } | undefined;
  let engine: Pick<Engine<TreeState>, 'state' | 'view' | 'render'> | undefined;
  let lost: { key: string; hadFocus: boolean } | undefined;

  const filter = (query: string): void => {
    const matching =
      typeof match === 'function' ? (label: string) => match(label, query) : matcher(query, match);
    matches = 0;
    kept = query
      ? filtered(all, (label) => {
          const fits = matching(label);
          if (fits) matches++;
          return fits;
        })
      : undefined;
    tree = kept ? pruned(all, kept) : all;
  };
  /** Brings what shows up to the state. */
  const sync = (): void => {
    if (!engine) return;
    const { expanded, query, current } = engine.state();
    if (last && last.all === all && last.query === query && last.expanded === expanded) return;
    const isOther = !last || last.all !== all || last.query !== query;
    if (isOther) filter(query);
    const turned = isOther ? undefined : single(last!.expanded, expanded);
    last = { all, query, expanded };
    visible = turned === undefined ? visibleRows(tree, expanded) : turnRow(tree, visible, turned, expanded);
    engine.view.tree = tree;
    engine.view.whole = all;
    const hidden = current !== undefined && indexOf(visible, current) < 0;
    const around = hidden && wayTo(all, current).findLast((key) => indexOf(visible, key) >= 0);
    lost = around ? { key: around, hadFocus: inner.of(activeIn(root))?.key === current } : undefined;
    data?.set(visible);
    inner.refresh();
  };

  const frame = (row: HTMLElement): void => {
    for (const mark of ['data-marker', ...(selection === 'checks' ? ['data-check'] : [])]) {
      const part = row.ownerDocument.createElement('span');
      part.setAttribute(mark, '');
      part.setAttribute('aria-hidden', 'true');
      row.append(part);
    }
  };
  const data: DataRows<TreeNode> | undefined = items
    ? dataRows<TreeNode>(root, {
        ...options,
        frame,
        fit: (row, { key }) => row.style.setProperty('--shell-level', `${all.nodes.get(key)?.level ?? 1}`),
      })
    : undefined;
  const inner: Rows = data ?? markupRows(root, source);
  const rows: Rows = {
    ...inner,
    items(): readonly Item[] {
      sync();
      return visible;
    },
  };
  return {
    rows,
    all: () => all,
    shown: () => tree,
    become(next) {
      all = next;
    },
    set(next) {
      all = treeOf(next);
    },
    reread() {
      all = read();
    },
    marked: () => (attribute) =>
      items
        ? []
        : source
            .all()
            .flatMap(({ element, key }) => (element.getAttribute(attribute) === 'true' ? [key] : [])),
    join(next) {
      engine = next;
    },
    render: () => engine?.render(),
    openByFilter() {
      sync();
      return [...(kept ?? [])].filter((key) => {
        const node = tree.nodes.get(key)?.node;
        return node && isBranch(node) && node.children !== 'lazy';
      });
    },
    found: () => matches,
    lost(current) {
      sync();
      const now = lost;
      lost = undefined;
      return now && indexOf(visible, current) < 0 ? now : undefined;
    },
    *parts() {
      sync();
      if (items) return;
      const { expanded } = engine!.state();
      for (const { element, key } of source.all()) {
        const group = groupOf(element);
        if (group) yield [group, { role: 'group', hidden: expanded.has(key) ? null : '' }];
      }
    },
    rowParts(key) {
      // A row's name is its own words: browsers leave out the group within it.
      return items ? {} : { hidden: kept && !kept.has(key) ? '' : null };
    },
    release: () => data?.release(),
  };
}
