// The tree view on an element: `wireTree`.
import type { Cell } from '../../core/cell.js';
import { type Chosen, chosenOf } from '../../core/collection/selection.js';
import { wayTo } from '../../core/collection/tree.js';
import { tree, treeChoices, type TreeState } from '../../core/contract/tree.js';
import { tell } from '../../core/report.js';
import { wire } from '../../engine/engine.js';
import { optionsOf } from '../../engine/options.js';
import { firstChosen, firstKeys } from '../../list/rows/source.js';
import { treeRows, type TreeSource } from './rows.js';
import { run, type TreeOptions, without } from './controller.js';
import type { Wired } from '../../engine/types.js';

export type { TreeOptions } from './controller.js';

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
  expandTo(key: string): void;
}

declare module '../../engine/defaults.js' {
  interface PatternOptions {
    tree: TreeOptions;
  }
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
    return run(engine, source, options);
  });
  const turn = (key: string, open: boolean): void => {
    const keys = wired.expanded.get();
    wired.expanded.set(open ? new Set([...keys, key]) : without(keys, key));
  };
  return {
    ...wired,
    expand: (key) => turn(key, true),
    collapse: (key) => turn(key, false),
    expandTo(key) {
      if (!source.all().nodes.has(key)) return tell('key-unknown', root, key);
      wired.expanded.set(new Set([...wired.expanded.get(), ...wayTo(source.all(), key)]));
      wired.current.set(key);
      source.rows.update(key, true);
      source.render();
    },
  };
}
