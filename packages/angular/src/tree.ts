// <… [shellTree]>: rows in branches that open and close, to move through, select or check.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { TreeNode, TreeOptions } from 'elastic-shell';
import { treePattern } from 'elastic-shell/bindings';
import type { ChosenOf } from './handle.js';
import type { TreeHandle } from './handles.js';
import { flag, notBound, PatternDirective } from './pattern.js';

/** What `ShellTree` has besides its inputs and outputs: states, parts and methods. */
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

/** Rows in branches that open and close, to move through, select or check. Stands on the element of the tree. */
@Directive({ selector: '[shellTree]', exportAs: 'shellTree' })
export class ShellTree<
  I extends TreeNode = TreeNode,
  Multiple extends boolean = false,
> extends PatternDirective {
  /** The keys of what is expanded. Bound, it is asked; left out, the state is the pattern's own. */
  readonly expandedInput = input<ReadonlySet<string> | undefined>(notBound(), { alias: 'expanded' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly expandedChange = output<ReadonlySet<string>>();
  /** The key of what is selected; where several may be, the set of them. Bound, it is asked; left out, the state is the pattern's own. */
  readonly selectedInput = input<ChosenOf<Multiple> | undefined>(notBound(), { alias: 'selected' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly selectedChange = output<ChosenOf<Multiple>>();
  /** The keys of what is checked. Bound, it is asked; left out, the state is the pattern's own. */
  readonly checkedInput = input<ReadonlySet<string> | undefined>(notBound(), { alias: 'checked' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly checkedChange = output<ReadonlySet<string>>();
  /** What is searched for. Bound, it is asked; left out, the state is the pattern's own. */
  readonly queryInput = input<string | undefined>(notBound(), { alias: 'query' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly queryChange = output<string>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<TreeOptions<I, Multiple>['guard'] | undefined> =
    input<TreeOptions<I, Multiple>['guard']>();
  /** Rows as data: { key, label, disabled, children }, where children are a list, or "lazy". Default: none: the markup holds them. */
  readonly items: InputSignal<TreeOptions<I, Multiple>['items'] | undefined> =
    input<TreeOptions<I, Multiple>['items']>();
  /** Makes what stands in a row. Default: the label. */
  readonly render: InputSignal<TreeOptions<I, Multiple>['render'] | undefined> =
    input<TreeOptions<I, Multiple>['render']>();
  /** Whether each row that is shown is measured; beyond 200 rows only those in view are on the page. Default: same. */
  readonly rowHeight: InputSignal<TreeOptions<I, Multiple>['rowHeight'] | undefined> =
    input<TreeOptions<I, Multiple>['rowHeight']>();
  /** Whether rows can be selected. Default: true; false with checks. */
  readonly selectable = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** Whether several may be selected. Default: false. Give it as a binding, so that types know: `[multiple]="true"`. */
  readonly multiple = input<Multiple>();
  /** Whether rows have boxes, with a mixed state carried up and down. Default: false. */
  readonly checks = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** Whether a press on the row opens and closes its branch, or only one on its marker. Default: row. */
  readonly toggleBy: InputSignal<TreeOptions<I, Multiple>['toggleBy'] | undefined> =
    input<TreeOptions<I, Multiple>['toggleBy']>();
  /** Whether moving to a row selects it. Default: manual. */
  readonly activation: InputSignal<TreeOptions<I, Multiple>['activation'] | undefined> =
    input<TreeOptions<I, Multiple>['activation']>();
  /** How what is searched for finds a row, whatever its case and accents. Default: contains. */
  readonly match: InputSignal<TreeOptions<I, Multiple>['match'] | undefined> =
    input<TreeOptions<I, Multiple>['match']>();
  /** Given a lazy node and an AbortSignal, answers with its children, at once or by a promise. Default: none. */
  readonly children: InputSignal<TreeOptions<I, Multiple>['children'] | undefined> =
    input<TreeOptions<I, Multiple>['children']>();
  /** The words: how many rows a filter has found, and that a branch did not come. Default: English. */
  readonly messages: InputSignal<TreeOptions<I, Multiple>['messages'] | undefined> =
    input<TreeOptions<I, Multiple>['messages']>();

  constructor() {
    super(treePattern, options);
  }
}
