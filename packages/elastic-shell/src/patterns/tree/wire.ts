// Wires a tree view: `wireTree`.
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

/**
 * A wired tree: its states and methods. The key of a row is the key of its node, or its `data-key`, `id` or
 * index, in that order.
 */
export interface Tree<Multiple extends boolean = false>
  extends Wired<TreeOptions<TreeNode, Multiple>>, Cells<TreeStates<Multiple>>, SelectMethods, ExpandMethods {
  /**
   * Expands the branches above a row, makes the row the tab stop and scrolls it into view.
   *
   * @param key - The key of the row.
   */
  expandTo(key: string): void;
  /**
   * Checks a row, or every row in a branch.
   *
   * @param key - The key of the row.
   */
  check(key: string): void;
  /**
   * Unchecks a row, or every row in a branch.
   *
   * @param key - The key of the row.
   */
  uncheck(key: string): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    /** The options of `wireTree`. */
    tree: TreeOptions<TreeNode, boolean>;
  }
}
registerPattern(tree.name, tree.options, wireTree);

/** The states that attributes of the rows show. Whether a branch is checked follows from its rows. */
const attributeStates = { 'aria-selected': 'selected', 'aria-expanded': 'expanded' } as const;

/** Returns the text that a user typed into the filter field before the tree was wired. */
function queryBefore(root: HTMLElement): { query?: string } {
  const fields = root.id ? topOf(root).querySelectorAll<HTMLInputElement>('input[aria-controls]') : [];
  const field = [...fields].find((input) => input.getAttribute('aria-controls') === root.id);
  return field && field.value !== field.defaultValue ? { query: field.value } : {};
}

/** Returns the initial states, as the markup shows them. */
const readStates = (rows: TreeRows, multiple: boolean): TreeState => ({
  selected: chosenOf(new Set(rows.marked('aria-selected')), multiple),
  checked: new Set(rows.marked('aria-checked')),
  expanded: new Set(rows.marked('aria-expanded')),
  current: undefined,
  query: '',
});

/**
 * Wires a tree: nested lists in the markup of `root`, or rows rendered from `items`. Follows the WAI-ARIA
 * tree view pattern.
 *
 * @param root - The list, or an empty element with role="tree".
 * @param own - The options.
 * @returns The wired tree.
 * @throws TypeError if `root` isn't an element or is already wired, if an option is unknown or has an invalid
 * value, or if a key in the data is missing or used twice.
 */
export function wireTree<N extends TreeNode = TreeNode, const Multiple extends boolean = false>(
  root: HTMLElement,
  own?: TreeOptions<N, Multiple>,
): Tree<Multiple>;
/** Internally, nodes have any type, and one or several rows may be selected. */
export function wireTree(root: HTMLElement, own?: TreeSettings): Wired & SelectMethods & ExpandMethods {
  const given = optionsOf<TreeSettings>(tree, own, root);
  const multiple = !!given.multiple;
  const settings: TreeSettings = { ...given };
  let rows: TreeRows | undefined;
  let engine: TreeEngine | undefined;
  const contract = {
    ...tree,
    attributeStates: given.items ? {} : attributeStates,
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
