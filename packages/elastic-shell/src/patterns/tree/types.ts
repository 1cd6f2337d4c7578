// What users give to a tree, and the tree as its parts work with it.
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

/** The states of a tree, typed by whether several rows may be selected. */
export interface TreeStates<Multiple extends boolean = boolean> extends Omit<TreeState, 'selected'> {
  /** The key of the selected row, or undefined; with `multiple`, a set of keys. */
  selected: Selected<Multiple>;
}

/** The options of a tree, typed by its nodes and by whether several rows may be selected. */
export interface TreeOptions<N extends TreeNode = TreeNode, Multiple extends boolean = false>
  extends
    CommonOptions<TreeStates<Multiple>>,
    Omit<TreeChoices, 'multiple'>,
    RowOptions<N>,
    BranchOptions<N> {
  /** Whether several rows can be selected. @defaultValue false */
  multiple?: Multiple;
  /**
   * The keys of the open branches: the first value, or a cell that is read and written.
   *
   * @defaultValue as the markup shows
   */
  expanded?: KeysOption;
  /** Is called after branches were opened or closed, with the keys of those that are open. @defaultValue none */
  onExpanded?: (expanded: ReadonlySet<string>) => void;
  /**
   * What is selected: a key, or with `multiple` several keys. It is the first value, or a cell that is read and
   * written.
   *
   * @defaultValue as the markup shows
   */
  selected?: SelectedOption<Multiple>;
  /** Is called after what is selected has changed. @defaultValue none */
  onSelected?: (selected: Selected<Multiple>) => void;
  /**
   * The keys of the checked leaves: the first value, or a cell that is read and written.
   *
   * @defaultValue as the markup shows
   */
  checked?: KeysOption;
  /** Is called after leaves were checked or unchecked, with the keys of those that are checked. @defaultValue none */
  onChecked?: (checked: ReadonlySet<string>) => void;
  /**
   * What the rows are filtered by: the first value, or a cell that is read and written.
   *
   * An input whose aria-controls names the tree writes it.
   *
   * @defaultValue empty
   */
  query?: StateOption<string>;
  /** How the query finds a row, whatever the case and the accents. @defaultValue `contains` */
  match?: MatchMode | ((label: string, query: string, node: N) => unknown);
  /**
   * The rows as data: a list of `{ key, label, disabled, children }`, or a cell of one. Children are a list, or
   * `lazy`.
   *
   * @defaultValue none: the markup holds the rows
   */
  items?: ItemsOption<N>;
  /**
   * Its words: how many rows a filter has found, and that a branch did not load: `{ count(n, plural),
   * branchFailed(error) }`.
   *
   * @defaultValue English
   */
  messages?: BranchOptions<N>['messages'] & Counts;
}

/** The options as the parts of a tree work with them: one kind of node, and one or several selected. */
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
