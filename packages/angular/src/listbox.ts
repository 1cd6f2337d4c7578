// <… [shellListbox]>: a list of options of which one or several are selected.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { Item, ListboxOptions } from 'elastic-shell';
import { listboxPattern } from 'elastic-shell/bindings';
import { ValueDirective } from './forms.js';
import type { ChosenOf } from './handle.js';
import type { ListboxHandle } from './handles.js';
import { flag, notBound } from './pattern.js';

/** What `ShellListbox` has besides its inputs and outputs: states, parts and methods. */
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

/** A list of options of which one or several are selected. Stands on the element of the list. */
@Directive({ selector: '[shellListbox]', exportAs: 'shellListbox' })
export class ShellListbox<I extends Item = Item, Multiple extends boolean = false> extends ValueDirective {
  /** The key of what is selected; where several may be, the set of them. Bound, it is asked; left out, the state is the pattern's own. */
  readonly selectedInput = input<ChosenOf<Multiple> | undefined>(notBound(), { alias: 'selected' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly selectedChange = output<ChosenOf<Multiple>>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<ListboxOptions<I, Multiple>['guard'] | undefined> =
    input<ListboxOptions<I, Multiple>['guard']>();
  /** Items as data: { key, label, disabled, description, group }. Default: none: the markup holds them. */
  readonly items: InputSignal<ListboxOptions<I, Multiple>['items'] | undefined> =
    input<ListboxOptions<I, Multiple>['items']>();
  /** Makes what stands in a row. Default: the label, and the description. */
  readonly render: InputSignal<ListboxOptions<I, Multiple>['render'] | undefined> =
    input<ListboxOptions<I, Multiple>['render']>();
  /** Whether each row that is shown is measured; beyond 200 rows only those in view are on the page. Default: same. */
  readonly rowHeight: InputSignal<ListboxOptions<I, Multiple>['rowHeight'] | undefined> =
    input<ListboxOptions<I, Multiple>['rowHeight']>();
  /** Whether several may be selected. Default: as aria-multiselectable says, else false. Give it as a binding, so that types know: `[multiple]="true"`. */
  readonly multiple = input<Multiple>();
  /** Whether moving to an option selects it. Default: automatic. */
  readonly activation: InputSignal<ListboxOptions<I, Multiple>['activation'] | undefined> =
    input<ListboxOptions<I, Multiple>['activation']>();
  /** From the last goes on to the first, and back. Default: false. */
  readonly wrap = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** Whether the arrows go in two ways, as the options are laid out. Default: list. */
  readonly layout: InputSignal<ListboxOptions<I, Multiple>['layout'] | undefined> =
    input<ListboxOptions<I, Multiple>['layout']>();
  /** Which arrows go along the options. Default: as aria-orientation says, else vertical. */
  readonly orientation: InputSignal<ListboxOptions<I, Multiple>['orientation'] | undefined> =
    input<ListboxOptions<I, Multiple>['orientation']>();
  /** The name under which the selected keys are sent with a form. Default: the attribute data-name of the root. */
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
