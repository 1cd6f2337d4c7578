// What a tree is: its parts, its states, and what can be asked of it.
import type { SelectionMode } from '../collection/selection.js';
import type { SelectIntent, Selecting } from './selecting.js';

/** Its parts, as its notes name them. */
export type TreePart = 'root' | 'item' | 'group' | 'marker' | 'opener';

/**
 * `inward` opens a branch or goes into it, `outward` closes it or goes out; `siblings` opens all beside the current
 * one; `default` is what Enter does, `press` what a press does; `turn-check` turns the checks under a row over.
 */
export type TreeIntent =
  | SelectIntent
  | 'expand'
  | 'collapse'
  | 'toggle-branch'
  | 'inward'
  | 'outward'
  | 'siblings'
  | 'check'
  | 'uncheck'
  | 'turn-check'
  | 'default'
  | 'press';

/** The states of a tree. */
export interface TreeState extends Selecting {
  /** The keys of the open branches. */
  expanded: ReadonlySet<string>;
  /** The keys of the checked leaves. */
  checked: ReadonlySet<string>;
  /** What the rows are filtered by; empty for nothing. */
  query: string;
}

/** The options that its contract knows. */
export interface TreeChoices {
  /**
   * Specifies whether rows can be selected.
   *
   * @defaultValue true; false with `checks`
   * @example { selectable: false }
   */
  selectable?: boolean;
  /**
   * Specifies whether several rows can be selected.
   *
   * @defaultValue false
   * @example { multiple: true }
   */
  multiple?: boolean;
  /**
   * Specifies whether rows have checkboxes. A branch with only some rows checked is mixed.
   *
   * @defaultValue false
   * @example { checks: true }
   */
  checks?: boolean;
  /**
   * Specifies whether a click anywhere on a row expands or collapses its branch, or only a click on its
   * marker.
   *
   * @defaultValue `row`
   * @example { toggleBy: 'marker' }
   */
  toggleBy?: 'row' | 'marker';
  /**
   * Specifies whether moving to a row selects it, in a single selection.
   *
   * @defaultValue `manual`
   * @example { activation: 'automatic' }
   */
  activation?: 'automatic' | 'manual';
}

/** How many rows may be selected. */
export const modeOf = ({ selectable, multiple, checks }: TreeChoices): SelectionMode => {
  if (!(selectable ?? !checks)) return 'none';
  return multiple ? 'multiple' : 'single';
};
