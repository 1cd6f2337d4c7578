// The options of a tree, and the running tree as its parts see it.
import type { MatchMode } from '../../core/collection/match.js';
import type { Chosen, Selected } from '../../core/collection/selection.js';
import type { TreeNode } from '../../core/collection/tree.js';
import type { TreeChoices, TreeIntent, TreeState } from '../../core/contract/tree.js';
import type { Counts } from '../../announce/announce.js';
import type { Engine } from '../../engine/service.js';
import type { CommonOptions, KeysOption, StateOption } from '../../engine/types.js';
import type { RowOptions } from '../../list/rows/data-rows.js';
import type { ChosenOption, ItemsOption, SelectedOption } from '../../list/rows/source.js';
import type { BranchOptions } from './branches.js';

/** The states of a tree. The type parameter specifies whether several rows can be selected. */
export interface TreeStates<Multiple extends boolean = boolean> extends Omit<TreeState, 'selected'> {
  /** The key of the selected row, or undefined; with `multiple`, a set of keys. */
  selected: Selected<Multiple>;
}

/**
 * The options of a tree. The type parameters are the type of its nodes, and whether several rows can be
 * selected.
 */
export interface TreeOptions<N extends TreeNode = TreeNode, Multiple extends boolean = false>
  extends
    CommonOptions<TreeStates<Multiple>>,
    Omit<TreeChoices, 'multiple'>,
    RowOptions<N>,
    BranchOptions<N> {
  /**
   * Specifies whether several rows can be selected.
   *
   * @defaultValue false
   * @example { multiple: true }
   */
  multiple?: Multiple;
  /**
   * Sets the keys of the expanded branches: an initial value, or a cell that is read and written.
   *
   * @defaultValue the markup
   * @example { expanded: ['hull'] }
   */
  expanded?: KeysOption;
  /**
   * Called after branches have been expanded or collapsed, with the keys of the expanded ones.
   *
   * @defaultValue none
   * @example { onExpanded: (keys) => save(keys) }
   */
  onExpanded?: (expanded: ReadonlySet<string>) => void;
  /**
   * Sets the selection: a key, or several keys with `multiple`. It is an initial value, or a cell that is
   * read and written.
   *
   * @defaultValue the markup
   * @example { selected: 'ketch' }
   */
  selected?: SelectedOption<Multiple>;
  /**
   * Called after the selection has changed, with the new selection.
   *
   * @defaultValue none
   * @example { onSelected: (selected) => save(selected) }
   */
  onSelected?: (selected: Selected<Multiple>) => void;
  /**
   * Sets the keys of the checked leaves: an initial value, or a cell that is read and written.
   *
   * @defaultValue the markup
   * @example { checked: ['keel'] }
   */
  checked?: KeysOption;
  /**
   * Called after leaves have been checked or unchecked, with the keys of the checked ones.
   *
   * @defaultValue none
   * @example { onChecked: (keys) => save(keys) }
   */
  onChecked?: (checked: ReadonlySet<string>) => void;
  /**
   * Sets the filter text: an initial value, or a cell that is read and written.
   *
   * An input whose `aria-controls` names the tree sets it.
   *
   * @defaultValue empty
   * @example { query: 'keel' }
   */
  query?: StateOption<string>;
  /**
   * Specifies how the filter text matches a row. Case and accents are ignored.
   *
   * @defaultValue `contains`
   * @example { match: 'starts-with' }
   */
  match?: MatchMode | ((label: string, query: string, node: N) => unknown);
  /**
   * Sets the rows as data: an array of `{ key, label, disabled, children }`, or a cell with such an array.
   * `children` is an array, or `lazy`.
   *
   * @defaultValue none
   * @example { items: [{ key: 'hull', label: 'Hull', children: 'lazy' }] }
   */
  items?: ItemsOption<N>;
  /**
   * Sets its texts: the number of rows that match a filter, and the failure of a branch: `{ count(n, plural),
   * branchFailed(error) }`.
   *
   * @defaultValue English
   * @example { messages: { count: (n) => `${n} Treffer` } }
   */
  messages?: BranchOptions<N>['messages'] & Counts;
}

/** The options as the parts of a tree see them: with one type of node, and one or several selected. */
export interface TreeSettings
  extends CommonOptions<TreeState>, TreeChoices, RowOptions<TreeNode>, BranchOptions {
  expanded?: KeysOption;
  selected?: ChosenOption | Chosen;
  checked?: KeysOption;
  query?: StateOption<string>;
  match?: MatchMode | ((label: string, query: string, node: TreeNode) => unknown);
  items?: ItemsOption<TreeNode>;
  messages?: BranchOptions['messages'] & Counts;
}

/** A running tree, as its parts see it. */
export type TreeEngine = Engine<TreeState, TreeSettings, TreeIntent>;
