// The parts, states and intents of a tree.
import type { SelectionMode } from '../collection/selection.js';
import type { SelectIntent, Selecting } from './selecting.js';

/** Its parts, as in its notes. */
export type TreePart = 'root' | 'item' | 'group' | 'marker' | 'opener';

/**
 * `inward` expands a branch or moves into it, `outward` collapses it or moves out, `siblings` expands all
 * branches at the level, `default` is the effect of Enter and `press` that of a click, `turn-check` toggles
 * the checks below a row.
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
  /** The keys of the expanded branches. */
  expanded: ReadonlySet<string>;
  /** The keys of the checked leaves. */
  checked: ReadonlySet<string>;
  /** The filter text. */
  query: string;
}

/** The options that its contract reads. */
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
