// The tree view on an element: `wireTree`.
import type { Cell } from '../core/cell.js';
import type { MatchMode } from '../core/collection/match.js';
import { type Chosen, chosenOf, holds } from '../core/collection/selection.js';
import { isBranch, type TreeNode, wayTo } from '../core/collection/tree.js';
import {
  checkShown,
  tree,
  type TreeChoices,
  treeChoices,
  treeKeys,
  type TreeState,
} from '../core/contract/tree.js';
import { tell } from '../core/report.js';
import { announcer, type Counts } from '../dom/announce.js';
import { type BranchOptions, branches } from '../dom/branches.js';
import { type Engine, wire } from '../dom/engine.js';
import { list } from '../dom/list.js';
import { optionsOf } from '../dom/options.js';
import type { RowOptions } from '../dom/rows/data-rows.js';
import {
  firstChosen,
  firstKeys,
  followItems,
  type ItemsOption,
  type KeysOption,
} from '../dom/rows/source.js';
import { treeRows, type TreeSource } from '../dom/rows/tree-rows.js';
import type { CommonOptions, Wired } from '../dom/types.js';

type Keys = Iterable<string> | Cell<ReadonlySet<string>>;

export interface TreeOptions extends CommonOptions, TreeChoices, RowOptions<TreeNode>, BranchOptions {
  /** The keys of the open branches, or a cell. Default: as the markup shows. */
  expanded?: Keys;
  /** What is selected: a key, with `selection: 'multiple'` keys; or a cell. Default: as the markup shows. */
  selected?: KeysOption;
  /** The keys of checked leaves, or a cell. Default: as the markup shows. */
  checked?: Keys;
  /** What the rows are filtered by, or a cell. Default: empty. An input whose aria-controls names the tree writes it. */
  query?: string | Cell<string>;
  /** How the query finds a row by its label. Default: `contains`. */
  match?: MatchMode | ((label: string, query: string) => unknown);
  /** Rows as data, or a cell of them. Default: none; the markup holds them. */
  items?: ItemsOption<TreeNode>;
  messages?: BranchOptions['messages'] & Counts;
}

export interface Tree extends Wired {
  readonly expanded: Cell<ReadonlySet<string>>;
  readonly selected: Cell<Chosen>;
  /** The keys of the checked leaves. */
  readonly checked: Cell<ReadonlySet<string>>;
  /** The key of the row that keys act on. */
  readonly current: Cell<string | undefined>;
  readonly query: Cell<string>;
  expand(key: string): void;
  collapse(key: string): void;
  /** Opens the way to a row, makes it the current one and scrolls it into view. Nothing when no row has the key. */
  reveal(key: string): void;
}

declare module '../dom/defaults.js' {
  interface PatternOptions {
    tree: TreeOptions;
  }
}

type TreeEngine = Engine<TreeState, TreeOptions>;

const without = (keys: ReadonlySet<string>, key: string): Set<string> =>
  new Set([...keys].filter((other) => other !== key));

/** What of a tree follows its states: branches that are fetched, a filter that opens the way, focus that is not lost. */
function follow(engine: TreeEngine, source: TreeSource, options: TreeOptions): ReturnType<typeof list> {
  const { root } = engine;
  const announce = announcer(root, options.messages);
  const settled = (next: Partial<TreeState>, reason: 'program' | 'parent'): void =>
    engine.change(next, { reason }, true);
  const loads = branches(root, options, source.all, (next, filled) => {
    source.become(next);
    const { checked } = engine.state();
    const children = filled !== undefined && checked.has(filled) && next.nodes.get(filled)!.node.children;
    if (children && children !== 'lazy')
      settled(
        { checked: new Set([...without(checked, filled), ...children.map(({ key }) => key)]) },
        'program',
      );
    engine.render();
  });
  /** Tries a branch again; focus goes from the row that told of its failure to the branch. */
  const retry = (row: string): void => {
    settled({ current: loads.failedAt(row)! }, 'parent');
    parts.focus();
    loads.retry(row);
  };
  engine.view.isBusy = loads.isBusy;
  /** What was open before a filter opened more. */
  let before: ReadonlySet<string> | undefined;
  const parts = list(engine, tree, {
    rows: source.rows,
    keys: () => treeKeys(options),
    letters: true,
    act(intent, item) {
      const failed = item && loads.failedAt(item.key);
      if (failed === undefined || !/default|pick|check|inward/.test(intent)) return false;
      retry(item!.key);
      return true;
    },
    press(event, { key }) {
      const part = (event.target as Element).closest('[data-twisty],[data-check]');
      if (loads.failedAt(key) !== undefined) return void retry(key);
      if (part?.matches('[data-check]')) return 'check';
      const node = source.all().nodes.get(key)?.node;
      if (part && node && isBranch(node)) return 'turn';
      if (options.selection !== 'multiple') return 'press';
      return event.ctrlKey || event.metaKey ? 'toggle' : event.shiftKey ? 'range' : 'press';
    },
    digest: (state, { key }) => {
      const placed = source.shown().nodes.get(key);
      return `${state.expanded.has(key)} ${holds(state.selected, key)} ${options.selection === 'checks' && checkShown(state, source.all(), key)} ${placed?.position} ${placed?.size} ${loads.isBusy(key)}`;
    },
    rowParts: ({ key }) => ({
      ...source.rowParts(key),
      ...(loads.failedAt(key) !== undefined && { 'data-retry': '', 'aria-disabled': null }),
    }),
    changed: source.reread,
  });
  /** While something is searched for, the way to all that is found is open. */
  const openFound = (): void => {
    const { query, expanded } = engine.state();
    if (!query) return;
    settled({ expanded: new Set([...(before ?? expanded), ...source.openByFilter()]) }, 'program');
    announce.count(source.found());
  };
  const unfollow = followItems(options.items, (items) => {
    const rows = source.rows.items();
    source.set(items);
    openFound();
    parts.moved(rows);
  });
  const filterOf = (event: Event): HTMLInputElement | undefined => {
    const input = event.target as HTMLInputElement;
    return root.id && input.getAttribute?.('aria-controls') === root.id && 'value' in input
      ? input
      : undefined;
  };
  const stop = new AbortController();
  const heard: Record<string, (event: never) => void> = {
    input(event: Event) {
      const input = filterOf(event);
      if (input) engine.change({ query: input.value }, { reason: 'key', event, source: input });
    },
    keydown(event: KeyboardEvent) {
      if (event.key !== 'ArrowDown' || event.isComposing || !filterOf(event)) return;
      event.preventDefault();
      parts.focus();
    },
  };
  for (const type in heard)
    root.ownerDocument.addEventListener(type, heard[type] as EventListener, { signal: stop.signal });

  return {
    ...parts,
    parts: () => [...source.parts(), ...parts.parts!()],
    show(change) {
      const { name, value, previous } = change;
      if (name === 'expanded') {
        const [now, then] = [value, previous] as ReadonlySet<string>[];
        for (const key of now!) if (!then!.has(key)) loads.open(key);
        for (const key of then!) if (!now!.has(key)) loads.close(key);
      }
      if (name === 'query') {
        before ??= engine.state().expanded;
        openFound();
        if (!value) {
          const { current } = engine.state();
          const expanded = new Set([...before, ...wayTo(source.all(), current ?? '')]);
          before = undefined;
          settled({ expanded }, 'program');
        }
      }
      const around = source.lost(engine.state().current);
      if (around) {
        settled({ current: around.key }, 'parent');
        if (around.hadFocus) parts.focus();
      }
      parts.show!(change);
    },
    release() {
      stop.abort();
      parts.release!();
      unfollow();
      loads.release();
      announce.release();
      source.release();
    },
  };
}

/**
 * Wires a tree: nested lists in the markup of `root`, or rows made from `items`. Follows the WAI-ARIA tree view
 * pattern. Throws a TypeError when `root` is no element or is wired already, an option's value is unknown, or a key
 * stands in the data twice.
 */
export function wireTree(root: HTMLElement, own: TreeOptions = {}): Tree {
  const given = optionsOf('tree', own, treeChoices as never);
  const multiple = given.selection === 'multiple';
  const options = {
    ...given,
    selected: firstChosen(given.selected, multiple),
    expanded: firstKeys(given.expanded),
    checked: firstKeys(given.checked),
  } as TreeOptions;
  let source: TreeSource;
  const read = (): TreeState => {
    source ??= treeRows(root, options);
    const marked = source.marked();
    return {
      selected: chosenOf(new Set(marked('aria-selected')), multiple),
      checked: new Set(marked('aria-checked')),
      expanded: new Set(marked('aria-expanded')),
      current: undefined,
      query: '',
    };
  };
  const wired = wire<TreeState, TreeOptions>(root, { ...tree, read }, options, (engine) => {
    source.join(engine);
    return follow(engine, source, options);
  });
  const turn = (key: string, open: boolean): void => {
    const keys = wired.expanded.get();
    wired.expanded.set(open ? new Set([...keys, key]) : without(keys, key));
  };
  return {
    ...wired,
    expand: (key) => turn(key, true),
    collapse: (key) => turn(key, false),
    reveal(key) {
      if (!source.all().nodes.has(key)) return tell('key-unknown', root, key);
      wired.expanded.set(new Set([...wired.expanded.get(), ...wayTo(source.all(), key)]));
      wired.current.set(key);
      source.rows.update(key, true);
      source.render();
    },
  };
}
