// The tree view on an element: `wireTree`.
import { chosenOf } from '../../core/collection/selection.js';
import { type TreeNode, wayTo } from '../../core/collection/tree.js';
import { tree, type TreeIntent, type TreeState } from '../../core/contract/tree.js';
import { tell } from '../../core/report.js';
import { optionsOf, registerPattern } from '../../engine/defaults.js';
import { topOf } from '../../engine/dom.js';
import { wire } from '../../engine/engine.js';
import { keepWired } from '../../engine/registry.js';
import type { Cells, Wired } from '../../engine/types.js';
import { firstChosen, firstKeys } from '../../list/rows/source.js';
import { type ExpandMethods, expandMethods, type SelectMethods, selectMethods } from '../../list/methods.js';
import { controller } from './controller.js';
import { type TreeRows, treeRows } from './rows.js';
import type { TreeEngine, TreeOptions, TreeSettings, TreeStates } from './types.js';

export type { TreeOptions, TreeStates } from './types.js';

/** A wired tree: its states, whose keys are a node's key or a row's data-key, id or place from 0; and its methods. */
export interface Tree<Multiple extends boolean = false>
  extends Wired<TreeOptions<TreeNode, Multiple>>, Cells<TreeStates<Multiple>>, SelectMethods, ExpandMethods {
  /** Expands the branches above a row, makes the row the tab stop and scrolls it into view. */
  expandTo(key: string): void;
  /** Checks a row, or every row in a branch. */
  check(key: string): void;
  /** Unchecks a row, or every row in a branch. */
  uncheck(key: string): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    tree: TreeOptions<TreeNode, boolean>;
  }
}
registerPattern(tree.name, tree.options, wireTree);

/** The states that attributes of rows in markup say. What is checked follows from the rows under a row as well. */
const says = { 'aria-selected': 'selected', 'aria-expanded': 'expanded' } as const;

/** What somebody has typed into the field that filters the tree, before it was wired. */
function queryBefore(root: HTMLElement): { query?: string } {
  const fields = root.id ? topOf(root).querySelectorAll<HTMLInputElement>('input[aria-controls]') : [];
  const field = [...fields].find((input) => input.getAttribute('aria-controls') === root.id);
  return field && field.value !== field.defaultValue ? { query: field.value } : {};
}

/** The first states: as the markup shows them. */
const readStates = (rows: TreeRows, multiple: boolean): TreeState => ({
  selected: chosenOf(new Set(rows.marked('aria-selected')), multiple),
  checked: new Set(rows.marked('aria-checked')),
  expanded: new Set(rows.marked('aria-expanded')),
  current: undefined,
  query: '',
});

/**
 * Wires a tree: nested lists in the markup of `root`, or rows made from `items`. Follows the WAI-ARIA tree view
 * pattern. Throws a TypeError when `root` is no element or is wired already, an option is unknown or has a wrong value,
 * or a key stands in the data twice or not at all.
 */
export function wireTree<N extends TreeNode = TreeNode, const Multiple extends boolean = false>(
  root: HTMLElement,
  own?: TreeOptions<N, Multiple>,
): Tree<Multiple>;
/** Inside, nodes are of any type, and one or several may be selected. */
export function wireTree(root: HTMLElement, own?: TreeSettings): Wired & SelectMethods & ExpandMethods {
  const given = optionsOf<TreeSettings>(tree, own, root);
  const multiple = !!given.multiple;
  const settings: TreeSettings = { ...given };
  let rows: TreeRows | undefined;
  let engine: TreeEngine | undefined;
  const contract = {
    ...tree,
    says: given.items ? {} : says,
    adopted: () => queryBefore(root),
    read: (): TreeState => readStates((rows ??= treeRows(root, settings)), multiple),
  };
  const [selected, expanded, checked] = [
    firstChosen(given.selected, multiple),
    firstKeys(given.expanded),
    firstKeys(given.checked),
  ];
  Object.assign(settings, { selected, expanded, checked });
  const wired = wire<TreeState, TreeSettings, TreeIntent>(root, contract, settings, (running) => {
    const isAnew = !!engine;
    engine = running;
    const held = isAnew || !rows ? treeRows(root, settings) : rows;
    rows = held;
    held.join(running);
    return controller(running, held);
  });
  const intend = (intent: TreeIntent, key?: string): void =>
    engine?.intend(intent, { reason: 'program' }, key);
  const expandTo = (key: string): void => {
    if (!rows?.all().nodes.has(key)) return tell('key-unknown', root, { key });
    wired.expanded.set(new Set([...wired.expanded.get(), ...wayTo(rows.all(), key)]));
    wired.current.set(key);
    rows.items.update(key, true);
    engine?.render();
  };
  return keepWired({
    ...wired,
    ...selectMethods(wired.selected, multiple),
    ...expandMethods(intend),
    expandTo,
    check: (key: string) => intend('check', key),
    uncheck: (key: string) => intend('uncheck', key),
  });
}
