// <… [shellCombobox]>: a field and a list to choose from: pressed open, or searched by typing; for one or for several.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { ComboboxOptions, Item } from 'elastic-shell';
import { comboboxPattern } from 'elastic-shell/bindings';
import { ValueDirective } from './forms.js';
import type { ChosenOf } from './handle.js';
import type { ComboboxHandle } from './handles.js';
import { count, flag, notBound } from './pattern.js';

/** What `ShellCombobox` has besides its inputs and outputs: states, parts and methods. */
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

/** A field and a list to choose from: pressed open, or searched by typing; for one or for several. Stands on what is around the field and the list. */
@Directive({ selector: '[shellCombobox]', exportAs: 'shellCombobox' })
export class ShellCombobox<I extends Item = Item, Multiple extends boolean = false> extends ValueDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** The key of what is selected; where several may be, the set of them. Bound, it is asked; left out, the state is the pattern's own. */
  readonly selectedInput = input<ChosenOf<Multiple> | undefined>(notBound(), { alias: 'selected' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly selectedChange = output<ChosenOf<Multiple>>();
  /** What is searched for. Bound, it is asked; left out, the state is the pattern's own. */
  readonly queryInput = input<string | undefined>(notBound(), { alias: 'query' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly queryChange = output<string>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<ComboboxOptions<I, Multiple>['guard'] | undefined> =
    input<ComboboxOptions<I, Multiple>['guard']>();
  /** Options as data; a function may answer with a promise, and only its latest answer counts. Default: none: the markup holds them. */
  readonly items: InputSignal<ComboboxOptions<I, Multiple>['items'] | undefined> =
    input<ComboboxOptions<I, Multiple>['items']>();
  /** Makes what stands in a row. Default: the label, and the description. */
  readonly render: InputSignal<ComboboxOptions<I, Multiple>['render'] | undefined> =
    input<ComboboxOptions<I, Multiple>['render']>();
  /** Whether each row that is shown is measured; beyond 200 rows only those in view are on the page. Default: same. */
  readonly rowHeight: InputSignal<ComboboxOptions<I, Multiple>['rowHeight'] | undefined> =
    input<ComboboxOptions<I, Multiple>['rowHeight']>();
  /** Where it stands, by the grammar of position-area. Default: block-end span-inline-end. */
  readonly area: InputSignal<ComboboxOptions<I, Multiple>['area'] | undefined> =
    input<ComboboxOptions<I, Multiple>['area']>();
  /** How far it stands from its anchor. Default: 4. */
  readonly gap = input<number | undefined, unknown>(undefined, { transform: count });
  /** How far it keeps from the edge of the screen. Default: 8. */
  readonly edgeGap = input<number | undefined, unknown>(undefined, { transform: count });
  /** What is tried when there is no room. Default: the first three; beside an inline side also above and below. */
  readonly fallbacks: InputSignal<ComboboxOptions<I, Multiple>['fallbacks'] | undefined> =
    input<ComboboxOptions<I, Multiple>['fallbacks']>();
  /** How wide it is. Default: anchor. */
  readonly fit: InputSignal<ComboboxOptions<I, Multiple>['fit'] | undefined> =
    input<ComboboxOptions<I, Multiple>['fit']>();
  /** Whether several may be selected; they show as tokens, and the list stays open. Default: false. Give it as a binding, so that types know: `[multiple]="true"`. */
  readonly multiple = input<Multiple>();
  /** Whether text that is no option is kept. Default: false. */
  readonly freeText = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** How many may be selected. Default: none: any number. */
  readonly limit = input<number | undefined, unknown>(undefined, { transform: count });
  /** How what is searched for finds a row, whatever its case and accents. Default: contains. */
  readonly match: InputSignal<ComboboxOptions<I, Multiple>['match'] | undefined> =
    input<ComboboxOptions<I, Multiple>['match']>();
  /** How long typing rests before such a function is asked. Default: 200. */
  readonly debounce = input<number | undefined, unknown>(undefined, { transform: count });
  /** The label of a key that no option at hand has. Default: the key itself. */
  readonly labelOf: InputSignal<ComboboxOptions<I, Multiple>['labelOf'] | undefined> =
    input<ComboboxOptions<I, Multiple>['labelOf']>();
  /** Makes an option of what was typed, at once or by a promise: the list offers to add it. Default: none. */
  readonly create: InputSignal<ComboboxOptions<I, Multiple>['create'] | undefined> =
    input<ComboboxOptions<I, Multiple>['create']>();
  /** Makes what stands in a token: a node, a text, or `{ node, release }` for what has a life of its own. Default: the label. */
  readonly renderToken: InputSignal<ComboboxOptions<I, Multiple>['renderToken'] | undefined> =
    input<ComboboxOptions<I, Multiple>['renderToken']>();
  /** The name under which the selected keys, or the free text, are sent with a form. Default: the attribute data-name of the root. */
  readonly name: InputSignal<ComboboxOptions<I, Multiple>['name'] | undefined> =
    input<ComboboxOptions<I, Multiple>['name']>();
  /** Whether a form can be sent with nothing selected. Default: as the field says. */
  readonly required = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** The words: count, none, add, added, removed, full, remove, chosen, loading, failed, retry, required. Default: English. */
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
