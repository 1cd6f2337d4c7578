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
  /** Whether rows can be selected. @defaultValue true; false with `checks` */
  selectable?: boolean;
  /** Whether several rows can be selected. @defaultValue false */
  multiple?: boolean;
  /** Whether rows have boxes. A branch of which only some rows are checked is mixed. @defaultValue false */
  checks?: boolean;
  /** Whether a press on a row opens and closes its branch, or only a press on its marker does. @defaultValue `row` */
  toggleBy?: 'row' | 'marker';
  /** Whether moving to a row selects it, if only one can be selected. @defaultValue `manual` */
  activation?: 'automatic' | 'manual';
}

/** How many rows may be selected. */
export const modeOf = ({ selectable, multiple, checks }: TreeChoices): SelectionMode => {
  if (!(selectable ?? !checks)) return 'none';
  return multiple ? 'multiple' : 'single';
};
