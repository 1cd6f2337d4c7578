// Runs a tree: what of it follows its states. Branches are fetched, a filter opens the way, focus is not lost.
import type { Cell } from '../../core/cell.js';
import type { MatchMode } from '../../core/collection/match.js';
import { holds } from '../../core/collection/selection.js';
import { isBranch, type TreeNode, wayTo } from '../../core/collection/tree.js';
import { checkShown, tree, type TreeChoices, treeKeys, type TreeState } from '../../core/contract/tree.js';
import { announcer, type Counts } from '../../announce/announce.js';
import { type BranchOptions, branches } from './branches.js';
import type { Engine } from '../../engine/engine.js';
import { listenIn } from '../../events/document-events.js';
import { list } from '../../list/list.js';
import type { CommonOptions } from '../../engine/types.js';
import type { RowOptions } from '../../list/rows/data-rows.js';
import { followItems, type ItemsOption, type KeysOption } from '../../list/rows/source.js';
import type { TreeSource } from './rows.js';

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

type TreeEngine = Engine<TreeState, TreeOptions>;

export const without = (keys: ReadonlySet<string>, key: string): Set<string> =>
  new Set([...keys].filter((other) => other !== key));

/** `source` holds its rows. */
export function run(engine: TreeEngine, source: TreeSource, options: TreeOptions): ReturnType<typeof list> {
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
      const part = (event.target as Element).closest('[data-marker],[data-check]');
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
  const heard = {
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
  const unhear = listenIn(root.ownerDocument, heard, Object.keys(heard));

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
          announce.say('');
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
      unhear();
      parts.release!();
      unfollow();
      loads.release();
      announce.release();
      source.release();
    },
  };
}
