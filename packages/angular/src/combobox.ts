// <… [shellCombobox]>: a field with a list to choose from, which opens on click or is filtered by typing;
// with one or several selected options.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { ComboboxOptions, Item } from 'elastic-shell';
import { comboboxPattern } from 'elastic-shell/bindings';
import { ValueDirective } from './forms.js';
import type { ChosenOf } from './handle.js';
import type { ComboboxHandle } from './handles.js';
import { count, flag, notBound } from './pattern.js';

/** The members of `ShellCombobox` besides its inputs and outputs: states, parts and methods. */
export interface ShellCombobox<
  I extends Item = Item,
  Multiple extends boolean = false,
> extends ComboboxHandle<I, Multiple> {}

const options = [
  'guard',
  'items',
  'render',
  'rowHeight',
  'area',
  'gap',
  'edgeGap',
  'fallbacks',
  'fit',
  'multiple',
  'freeText',
  'limit',
  'match',
  'debounce',
  'labelOf',
  'create',
  'renderToken',
  'name',
  'required',
  'messages',
];

/**
 * A field with a list to choose from, which opens on click or is filtered by typing. Put it on the element
 * around the field and the list.
 */
@Directive({ selector: '[shellCombobox]', exportAs: 'shellCombobox' })
export class ShellCombobox<I extends Item = Item, Multiple extends boolean = false> extends ValueDirective {
  /**
   * Whether it is open. If it is bound, the component decides about each change. If not, the pattern stores
   * it.
   */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly openChange = output<boolean>();
  /**
   * The key of the selected option or, with `multiple`, a set of keys. If it is bound, the component decides
   * about each change. If not, the pattern stores it.
   */
  readonly selectedInput = input<ChosenOf<Multiple> | undefined>(notBound(), { alias: 'selected' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly selectedChange = output<ChosenOf<Multiple>>();
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
  readonly guard: InputSignal<ComboboxOptions<I, Multiple>['guard'] | undefined> =
    input<ComboboxOptions<I, Multiple>['guard']>();
  /**
   * The options as data, or a function that returns them or a promise. Only its latest result counts.
   *
   * @defaultValue none: the options are in the markup
   */
  readonly items: InputSignal<ComboboxOptions<I, Multiple>['items'] | undefined> =
    input<ComboboxOptions<I, Multiple>['items']>();
  /**
   * Renders the content of a row.
   *
   * @defaultValue the label, and the description
   */
  readonly render: InputSignal<ComboboxOptions<I, Multiple>['render'] | undefined> =
    input<ComboboxOptions<I, Multiple>['render']>();
  /**
   * Whether all rows have the height of the first one, or each row is measured. With more than 200 rows, only
   * the visible ones are on the page.
   *
   * @defaultValue `same`
   */
  readonly rowHeight: InputSignal<ComboboxOptions<I, Multiple>['rowHeight'] | undefined> =
    input<ComboboxOptions<I, Multiple>['rowHeight']>();
  /**
   * The position, as in CSS `position-area`.
   *
   * @defaultValue `block-end span-inline-end`
   */
  readonly area: InputSignal<ComboboxOptions<I, Multiple>['area'] | undefined> =
    input<ComboboxOptions<I, Multiple>['area']>();
  /**
   * The distance from the anchor, in pixels.
   *
   * @defaultValue 4
   */
  readonly gap = input<number | undefined, unknown>(undefined, { transform: count });
  /**
   * The minimum distance from the edge of the viewport, in pixels.
   *
   * @defaultValue 8
   */
  readonly edgeGap = input<number | undefined, unknown>(undefined, { transform: count });
  /**
   * The positions to try if there is not enough space.
   *
   * @defaultValue `flip-block`, `flip-inline`, then both
   */
  readonly fallbacks: InputSignal<ComboboxOptions<I, Multiple>['fallbacks'] | undefined> =
    input<ComboboxOptions<I, Multiple>['fallbacks']>();
  /**
   * The width: that of its content, or that of its anchor.
   *
   * @defaultValue `anchor`
   */
  readonly fit: InputSignal<ComboboxOptions<I, Multiple>['fit'] | undefined> =
    input<ComboboxOptions<I, Multiple>['fit']>();
  /**
   * Whether several options can be selected. They are shown as tokens, and the list stays open. Bind it, so
   * that TypeScript knows the type of `selected`: `[multiple]="true"`.
   *
   * @defaultValue false
   */
  readonly multiple = input<Multiple>();
  /**
   * Whether text that matches no option is kept.
   *
   * @defaultValue false
   */
  readonly freeText = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /**
   * The maximum number of selected options.
   *
   * @defaultValue unlimited
   */
  readonly limit = input<number | undefined, unknown>(undefined, { transform: count });
  /**
   * How the search text finds a row. Case and accents are ignored.
   *
   * @defaultValue `contains`
   */
  readonly match: InputSignal<ComboboxOptions<I, Multiple>['match'] | undefined> =
    input<ComboboxOptions<I, Multiple>['match']>();
  /**
   * How long typing must pause before a function of `items` is called, in milliseconds.
   *
   * @defaultValue 200
   */
  readonly debounce = input<number | undefined, unknown>(undefined, { transform: count });
  /**
   * Returns the label of a selected key that no loaded option has.
   *
   * @defaultValue the key
   */
  readonly labelOf: InputSignal<ComboboxOptions<I, Multiple>['labelOf'] | undefined> =
    input<ComboboxOptions<I, Multiple>['labelOf']>();
  /**
   * Creates an option from the typed text, at once or by a promise. The list offers to add it.
   *
   * @defaultValue none
   */
  readonly create: InputSignal<ComboboxOptions<I, Multiple>['create'] | undefined> =
    input<ComboboxOptions<I, Multiple>['create']>();
  /**
   * Renders the content of a token: a node, a text, or `{ node, release }` for a component.
   *
   * @defaultValue the label
   */
  readonly renderToken: InputSignal<ComboboxOptions<I, Multiple>['renderToken'] | undefined> =
    input<ComboboxOptions<I, Multiple>['renderToken']>();
  /**
   * The name under which the selected keys, or the free text, are submitted with a form.
   *
   * @defaultValue the attribute `data-name` of the root
   */
  readonly name: InputSignal<ComboboxOptions<I, Multiple>['name'] | undefined> =
    input<ComboboxOptions<I, Multiple>['name']>();
  /**
   * Whether the form requires a selection.
   *
   * @defaultValue the attribute `required` of the field
   */
  readonly required = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /**
   * The texts: count, none, add, added, removed, full, remove, chosen, loading, failed, retry, required.
   *
   * @defaultValue English
   */
  readonly messages: InputSignal<ComboboxOptions<I, Multiple>['messages'] | undefined> =
    input<ComboboxOptions<I, Multiple>['messages']>();

  protected override readonly valueState = 'selected';
  protected override toState = (value: unknown): unknown =>
    this.multiple() ? new Set((value ?? []) as Iterable<string>) : (value ?? undefined);
  protected override fromState = (value: unknown): unknown =>
    value instanceof Set ? [...value] : (value ?? null);
  protected override formField = (): HTMLElement | null =>
    this.host.querySelector<HTMLElement>('[role=combobox]');

  constructor() {
    super(comboboxPattern, options);
  }
}
