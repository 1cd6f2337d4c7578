// <… [shellTree]>: rows in branches that expand and collapse, to move through, select or check.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { TreeNode, TreeOptions } from 'elastic-shell';
import { treePattern } from 'elastic-shell/bindings';
import type { ChosenOf } from './handle.js';
import type { TreeHandle } from './handles.js';
import { flag, notBound, PatternDirective } from './pattern.js';

/** The members of `ShellTree` besides its inputs and outputs: states, parts and methods. */
export interface ShellTree<
  I extends TreeNode = TreeNode,
  Multiple extends boolean = false,
> extends TreeHandle<I, Multiple> {}

const options = [
  'guard',
  'items',
  'render',
  'rowHeight',
  'selectable',
  'multiple',
  'checks',
  'toggleBy',
  'activation',
  'match',
  'children',
  'messages',
];

/**
 * Rows in branches that expand and collapse, to move through, select or check. Put it on the element of the
 * tree.
 */
@Directive({ selector: '[shellTree]', exportAs: 'shellTree' })
export class ShellTree<
  I extends TreeNode = TreeNode,
  Multiple extends boolean = false,
> extends PatternDirective {
  /**
   * The keys of the expanded rows. If it is bound, the component decides about each change. If not, the
   * pattern stores it.
   */
  readonly expandedInput = input<ReadonlySet<string> | undefined>(notBound(), { alias: 'expanded' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly expandedChange = output<ReadonlySet<string>>();
  /**
   * The key of the selected row or, with `multiple`, a set of keys. If it is bound, the component decides
   * about each change. If not, the pattern stores it.
   */
  readonly selectedInput = input<ChosenOf<Multiple> | undefined>(notBound(), { alias: 'selected' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly selectedChange = output<ChosenOf<Multiple>>();
  /**
   * The keys of the checked rows. If it is bound, the component decides about each change. If not, the
   * pattern stores it.
   */
  readonly checkedInput = input<ReadonlySet<string> | undefined>(notBound(), { alias: 'checked' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly checkedChange = output<ReadonlySet<string>>();
  /**
   * The search text. If it is bound, the component decides about each change. If not, the pattern stores it.
   */
  readonly queryInput = input<string | undefined>(notBound(), { alias: 'query' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly queryChange = output<string>();
  /**
   * Called before each change. Return false to block the change, or a promise or an observable to decide
   * later.
   *
   * @defaultValue none
   */
  readonly guard: InputSignal<TreeOptions<I, Multiple>['guard'] | undefined> =
    input<TreeOptions<I, Multiple>['guard']>();
  /**
   * The rows as data: `{ key, label, disabled, children }`, where children are a list or `'lazy'`.
   *
   * @defaultValue none: the rows are in the markup
   */
  readonly items: InputSignal<TreeOptions<I, Multiple>['items'] | undefined> =
    input<TreeOptions<I, Multiple>['items']>();
  /**
   * Renders the content of a row.
   *
   * @defaultValue the label
   */
  readonly render: InputSignal<TreeOptions<I, Multiple>['render'] | undefined> =
    input<TreeOptions<I, Multiple>['render']>();
  /**
   * Whether all rows have the height of the first one, or each row is measured. With more than 200 rows, only
   * the visible ones are on the page.
   *
   * @defaultValue `same`
   */
  readonly rowHeight: InputSignal<TreeOptions<I, Multiple>['rowHeight'] | undefined> =
    input<TreeOptions<I, Multiple>['rowHeight']>();
  /**
   * Whether rows can be selected.
   *
   * @defaultValue true; false with checkboxes
   */
  readonly selectable = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /**
   * Whether several rows can be selected. Bind it, so that TypeScript knows the type of `selected`:
   * `[multiple]="true"`.
   *
   * @defaultValue false
   */
  readonly multiple = input<Multiple>();
  /**
   * Whether rows have checkboxes. A mixed state is passed up and down.
   *
   * @defaultValue false
   */
  readonly checks = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /**
   * Whether a click anywhere on the row expands its branch, or only one on its marker.
   *
   * @defaultValue `row`
   */
  readonly toggleBy: InputSignal<TreeOptions<I, Multiple>['toggleBy'] | undefined> =
    input<TreeOptions<I, Multiple>['toggleBy']>();
  /**
   * Whether moving to a row selects it.
   *
   * @defaultValue `manual`
   */
  readonly activation: InputSignal<TreeOptions<I, Multiple>['activation'] | undefined> =
    input<TreeOptions<I, Multiple>['activation']>();
  /**
   * How the search text finds a row. Case and accents are ignored.
   *
   * @defaultValue `contains`
   */
  readonly match: InputSignal<TreeOptions<I, Multiple>['match'] | undefined> =
    input<TreeOptions<I, Multiple>['match']>();
  /**
   * Loads the children of a lazy row, at once or by a promise. It gets an AbortSignal.
   *
   * @defaultValue none
   */
  readonly children: InputSignal<TreeOptions<I, Multiple>['children'] | undefined> =
    input<TreeOptions<I, Multiple>['children']>();
  /**
   * The texts: the number of rows that a filter has found, and a failure to load a branch.
   *
   * @defaultValue English
   */
  readonly messages: InputSignal<TreeOptions<I, Multiple>['messages'] | undefined> =
    input<TreeOptions<I, Multiple>['messages']>();

  constructor() {
    super(treePattern, options);
  }
}
