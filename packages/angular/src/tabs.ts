// <… [shellTabs]>: a list of tabs, each with a panel, of which one shows.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { TabsOptions } from 'elastic-shell';
import { tabsPattern } from 'elastic-shell/bindings';
import type { TabsHandle } from './handles.js';
import { flag, notBound, PatternDirective } from './pattern.js';

/** What `ShellTabs` has besides its inputs and outputs: states, parts and methods. */
export interface ShellTabs extends TabsHandle {}

const options = [
  'guard',
  'content',
  'loadOn',
  'keepContent',
  'messages',
  'activation',
  'orientation',
  'wrap',
  'closable',
  'address',
];

/** A list of tabs, each with a panel, of which one shows. Stands on what is around the tablist and the panels. */
@Directive({ selector: '[shellTabs]', exportAs: 'shellTabs' })
export class ShellTabs extends PatternDirective {
  /** The key of what is selected; where several may be, the set of them. Bound, it is asked; left out, the state is the pattern's own. */
  readonly selectedInput = input<string | undefined>(notBound(), { alias: 'selected' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly selectedChange = output<string | undefined>();
  /** The keys of closed tabs. Bound, it is asked; left out, the state is the pattern's own. */
  readonly closedInput = input<ReadonlySet<string> | undefined>(notBound(), { alias: 'closed' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly closedChange = output<ReadonlySet<string>>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<TabsOptions['guard'] | undefined> = input<TabsOptions['guard']>();
  /** Makes what goes into the panel of a tab when that is first selected; it is also given the key of the tab, and answers with nothing where the markup holds all. Default: none: what the markup holds. What it answers with, at once, by a promise or an observable, is rendered by `*shellContent` where there is one. */
  readonly content = input<((signal: AbortSignal, key?: string) => unknown) | string>();
  /** When such content is asked for: when its tab is selected, or when the page is idle. Default: open. */
  readonly loadOn: InputSignal<TabsOptions['loadOn'] | undefined> = input<TabsOptions['loadOn']>();
  /** Whether such content stays when another tab is selected. Default: true. */
  readonly keepContent = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** The words of progress, of the retry, and of a failure. Default: English; the error’s own message. */
  readonly messages: InputSignal<TabsOptions['messages'] | undefined> = input<TabsOptions['messages']>();
  /** Whether moving to a tab shows its panel. Default: automatic. */
  readonly activation: InputSignal<TabsOptions['activation'] | undefined> =
    input<TabsOptions['activation']>();
  /** Which arrow keys move. Default: as aria-orientation says, else horizontal. */
  readonly orientation: InputSignal<TabsOptions['orientation'] | undefined> =
    input<TabsOptions['orientation']>();
  /** From the last goes on to the first, and back. Default: true. */
  readonly wrap = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** Whether Delete and [data-close] close a tab; data-closable says it for one. Default: false. */
  readonly closable = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** The address keeps the selected tab, as #key; back and forward select. Default: false. */
  readonly address = input<boolean | undefined, unknown>(undefined, { transform: flag });

  constructor() {
    super(tabsPattern, options);
  }
}
