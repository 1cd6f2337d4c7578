// <… [shellListbox]>: a list of options of which one or several are selected.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { Item, ListboxOptions } from 'elastic-shell';
import { listboxPattern } from 'elastic-shell/bindings';
import { ValueDirective } from './forms.js';
import type { ChosenOf } from './handle.js';
import type { ListboxHandle } from './handles.js';
import { flag, notBound } from './pattern.js';

/** The members of `ShellListbox` besides its inputs and outputs: states, parts and methods. */
export interface ShellListbox<I extends Item = Item, Multiple extends boolean = false> extends ListboxHandle<
  I,
  Multiple
> {}

const options = [
  'guard',
  'items',
  'render',
  'rowHeight',
  'multiple',
  'activation',
  'wrap',
  'layout',
  'orientation',
  'name',
];

/** A list of options of which one or several are selected. Put it on the element of the list. */
@Directive({ selector: '[shellListbox]', exportAs: 'shellListbox' })
export class ShellListbox<I extends Item = Item, Multiple extends boolean = false> extends ValueDirective {
  /**
   * The key of the selected option or, with `multiple`, a set of keys. If it is bound, the component decides
   * about each change. If not, the pattern stores it.
   */
  readonly selectedInput = input<ChosenOf<Multiple> | undefined>(notBound(), { alias: 'selected' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly selectedChange = output<ChosenOf<Multiple>>();
  /**
   * Called before each change. Return false to block the change, or a promise or an observable to decide
   * later.
   *
   * @defaultValue none
   */
  readonly guard: InputSignal<ListboxOptions<I, Multiple>['guard'] | undefined> =
    input<ListboxOptions<I, Multiple>['guard']>();
  /**
   * The items as data: `{ key, label, disabled, description, group }`.
   *
   * @defaultValue none: the items are in the markup
   */
  readonly items: InputSignal<ListboxOptions<I, Multiple>['items'] | undefined> =
    input<ListboxOptions<I, Multiple>['items']>();
  /**
   * Renders the content of a row.
   *
   * @defaultValue the label, and the description
   */
  readonly render: InputSignal<ListboxOptions<I, Multiple>['render'] | undefined> =
    input<ListboxOptions<I, Multiple>['render']>();
  /**
   * Whether all rows have the height of the first one, or each row is measured. With more than 200 rows, only
   * the visible ones are on the page.
   *
   * @defaultValue `same`
   */
  readonly rowHeight: InputSignal<ListboxOptions<I, Multiple>['rowHeight'] | undefined> =
    input<ListboxOptions<I, Multiple>['rowHeight']>();
  /**
   * Whether several options can be selected. Bind it, so that TypeScript knows the type of `selected`:
   * `[multiple]="true"`.
   *
   * @defaultValue the attribute `aria-multiselectable`, or false
   */
  readonly multiple = input<Multiple>();
  /**
   * Whether moving to an option selects it.
   *
   * @defaultValue `automatic`
   */
  readonly activation: InputSignal<ListboxOptions<I, Multiple>['activation'] | undefined> =
    input<ListboxOptions<I, Multiple>['activation']>();
  /**
   * Whether the arrow keys wrap from the last option to the first, and back.
   *
   * @defaultValue false
   */
  readonly wrap = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /**
   * Whether the arrow keys move in one direction or, as in a grid, in two.
   *
   * @defaultValue `list`
   */
  readonly layout: InputSignal<ListboxOptions<I, Multiple>['layout'] | undefined> =
    input<ListboxOptions<I, Multiple>['layout']>();
  /**
   * Which arrow keys move along the options.
   *
   * @defaultValue the attribute `aria-orientation`, or `vertical`
   */
  readonly orientation: InputSignal<ListboxOptions<I, Multiple>['orientation'] | undefined> =
    input<ListboxOptions<I, Multiple>['orientation']>();
  /**
   * The name under which the selected keys are submitted with a form.
   *
   * @defaultValue the attribute `data-name` of the root
   */
  readonly name: InputSignal<ListboxOptions<I, Multiple>['name'] | undefined> =
    input<ListboxOptions<I, Multiple>['name']>();

  protected override readonly valueState = 'selected';
  protected override toState = (value: unknown): unknown =>
    this.multiple() ? new Set((value ?? []) as Iterable<string>) : (value ?? undefined);
  protected override fromState = (value: unknown): unknown =>
    value instanceof Set ? [...value] : (value ?? null);
  protected override formField = (): HTMLElement | null => this.host;

  constructor() {
    super(listboxPattern, options);
  }
}
