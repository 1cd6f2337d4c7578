// Runs a tree: updates everything that follows its states. It loads branches, expands branches for a filter,
// and keeps focus. The rows (`rows.ts`) know the model and its visible part. The branches (`branches.ts`)
// load lazy children. A filter expands more branches than the user did: their own set is remembered, and
// restored when the filter is cleared.
import type { Item } from '../../core/collection/items.js';
import { keysOf } from '../../core/collection/selection.js';
import { touchedKeys } from '../../core/collection/touched.js';
import { isBranch, type Tree, wayTo } from '../../core/collection/tree.js';
import type { Writable } from '../../core/contract/contract.js';
import { isExtending } from '../../core/contract/selecting.js';
import { tree, type TreeIntent, treeKeys, type TreeState, type TreeView } from '../../core/contract/tree.js';
import { type Announcer, announcer } from '../../announce/announce.js';
import { targetOf } from '../../engine/dom.js';
import type { Service } from '../../engine/service.js';
import type { Change, ChangeOf } from '../../engine/types.js';
import { listenIn } from '../../events/document-events.js';
import { stateCursor } from '../../list/cursor.js';
import { lettersTo } from '../../list/letters.js';
import { list } from '../../list/list.js';
import type { IntendingList } from '../../list/types.js';
import { feedOf } from '../../list/rows/source.js';
import { type Branches, branches } from './branches.js';
import { groupIn } from './markup.js';
import type { TreeRows } from './rows.js';
import type { TreeEngine } from './types.js';

/** The parts and services of one wired tree. */
interface Held {
  engine: TreeEngine;
  rows: TreeRows;
  announce: Announcer;
  loads: Branches;
  parts: IntendingList<TreeState, TreeIntent>;
  /** The branches that were expanded before a filter expanded more. */
  before: ReadonlySet<string> | undefined;
}

const settled = (
  { engine }: Pick<Held, 'engine'>,
  next: Partial<TreeState>,
  reason: Change['reason'],
): void => engine.change(next, { reason }, true);

/**
 * The tree has changed, because a branch was filled or emptied: if the branch was checked, its rows are
 * checked.
 */
function become(held: Held, next: Tree, filled: string | undefined): void {
  const { engine, rows, parts } = held;
  rows.become(next);
  const { checked } = engine.state();
  const children = filled !== undefined && checked.has(filled) ? next.nodes.get(filled)?.node.children : [];
  if (children && children !== 'lazy' && children.length)
    settled(
      held,
      {
        checked: new Set([
          ...[...checked].filter((key) => key !== filled),
          ...children.map(({ key }) => key),
        ]),
      },
      'program',
    );
  parts.touch();
  engine.render();
}

/** Tries to load a branch again. Focus moves from the row that reports the failure to the branch. */
function retry(held: Held, row: string): void {
  const { loads, parts } = held;
  settled(held, { current: loads.failedAt(row) }, 'parent');
  parts.focus();
  loads.retry(row);
}

/** Returns the effect of a click: on the marker, on the checkbox, or on the row itself. */
function press(held: Held, event: MouseEvent, { key }: Item): TreeIntent | undefined {
  const { loads, rows, engine } = held;
  const part = targetOf(event)?.closest('[data-marker],[data-check]');
  if (loads.failedAt(key) !== undefined) {
    retry(held, key);
    return undefined;
  }
  if (part?.matches('[data-check]')) return 'turn-check';
  const node = rows.all().nodes.get(key)?.node;
  if (part && node && isBranch(node)) return 'toggle-branch';
  if (!engine.options.multiple) return 'press';
  return event.ctrlKey || event.metaKey ? 'toggle' : event.shiftKey ? 'extend' : 'press';
}

/** Handles keys on the row that reports a failure. */
const retryKeys: readonly TreeIntent[] = ['default', 'pick', 'turn-check', 'inward'];

const listOf = (held: () => Held, engine: TreeEngine, rows: TreeRows): IntendingList<TreeState, TreeIntent> =>
  list(engine, tree, {
    items: rows.items,
    cursor: stateCursor(engine),
    stop: ({ selected }) => keysOf(selected),
    moves: { reachDisabled: true, wrap: false },
    extends: isExtending,
    filters: true,
    keys: () => treeKeys(engine.options),
    letters: lettersTo('go'),
    act(intent, item) {
      if (!item || held().loads.failedAt(item.key) === undefined || !retryKeys.includes(intent)) return false;
      retry(held(), item.key);
      return true;
    },
    press: (event, item) => press(held(), event, item),
    // The attributes of a row depend on its own place in the tree, not on which other rows are visible.
    follows: rows.shown,
    itemParts: ({ key }) => ({
      ...(!engine.options.items && { hidden: rows.isLeftOut(key) ? '' : null }),
      ...(held().loads.failedAt(key) !== undefined && { 'data-retry': '', 'aria-disabled': null }),
    }),
    // A row is named by its own text: browsers ignore the group inside it.
    beside({ key }, element) {
      const group = engine.options.items ? null : groupIn(element);
      return group ? [[group, { role: 'group', hidden: engine.state().expanded.has(key) ? null : '' }]] : [];
    },
    changed: rows.reread,
  });

/** During a search, the branches above all matches are expanded. */
function openFound(held: Held): void {
  const { engine, rows, announce } = held;
  const { query, expanded } = engine.state();
  if (!query) return;
  settled(held, { expanded: new Set([...(held.before ?? expanded), ...rows.openByFilter()]) }, 'program');
  announce.count(rows.found());
}

/** The search is cleared: the earlier branches are expanded again, and those above the current row. */
function closeFound(held: Held): void {
  const { engine, rows, announce, before = new Set<string>() } = held;
  announce.say('');
  const { current } = engine.state();
  held.before = undefined;
  settled(held, { expanded: new Set([...before, ...wayTo(rows.all(), current ?? '')]) }, 'program');
}

/** An input whose aria-controls names the tree sets its query. ArrowDown moves from it into the tree. */
function followFilter({ engine, parts }: Held): () => void {
  const { root } = engine;
  const filterOf = (event: Event): HTMLInputElement | undefined => {
    const input = targetOf(event);
    const isOurs = root.id && input?.getAttribute('aria-controls') === root.id;
    return isOurs && input instanceof HTMLInputElement ? input : undefined;
  };
  return listenIn(
    root.ownerDocument,
    {
      input(event) {
        const input = filterOf(event);
        if (input) engine.change({ query: input.value }, { reason: 'key', event, source: input });
      },
      keydown(event) {
        if (event.key !== 'ArrowDown' || event.isComposing || !filterOf(event)) return;
        event.preventDefault();
        parts.focus();
      },
    },
    ['input', 'keydown'],
  );
}

function show(held: Held, change: ChangeOf<TreeState>): void {
  const { engine, rows, loads, parts } = held;
  if (change.name === 'expanded')
    for (const key of touchedKeys(change.previous, change.value))
      if (change.value.has(key)) loads.open(key);
      else loads.close(key);
  if (change.name === 'query') {
    held.before ??= engine.state().expanded;
    openFound(held);
    if (!change.value) closeFound(held);
  }
  const around = rows.lost(engine.state().current);
  if (around) {
    settled(held, { current: around.key }, 'parent');
    if (around.hadFocus) parts.focus();
  }
  parts.show(change);
}

/** Runs a tree. `rows` contains its rows. */
export function controller(engine: TreeEngine, rows: TreeRows): Service<TreeState> {
  const { root, options } = engine;
  const view: Writable<TreeView> = engine.view;
  const announce = announcer(root, () => options.messages);
  const loads = branches(root, options, rows.all, (next, filled) => become(held, next, filled));
  const parts = listOf(() => held, engine, rows);
  const held: Held = { engine, rows, announce, loads, parts, before: undefined };
  view.isBusy = loads.isBusy;
  const feed = feedOf(options.items, (next) => {
    const before = rows.items.items();
    rows.set(next);
    openFound(held);
    parts.moved(before);
  });
  const releases = [
    followFilter(held),
    parts.release,
    feed.release,
    loads.release,
    announce.release,
    rows.release,
  ];
  return {
    ...parts,
    show: (change) => show(held, change),
    stands: rows.stands,
    update(names) {
      if (names.has('render')) rows.renderAgain();
      if (names.has('items') && options.items) feed.become(options.items);
    },
    release: () => releases.forEach((release) => release()),
  };
}
