// <… [shellDisclosure]>: shows and hides a piece of content in place.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { DisclosureOptions } from 'elastic-shell';
import { disclosurePattern } from 'elastic-shell/bindings';
import type { DisclosureHandle } from './handles.js';
import { flag, notBound, PatternDirective } from './pattern.js';

/** What `ShellDisclosure` has besides its inputs and outputs: states, parts and methods. */
export interface ShellDisclosure extends DisclosureHandle {}

const options = ['guard', 'content', 'loadOn', 'keepContent', 'messages', 'elastic'];

/** Shows and hides a piece of content in place. Stands on the panel, or a `<details>`. */
@Directive({ selector: '[shellDisclosure]', exportAs: 'shellDisclosure' })
export class ShellDisclosure extends PatternDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<DisclosureOptions['guard'] | undefined> = input<DisclosureOptions['guard']>();
  /** Makes what goes into [data-content], else to the end; may answer with a promise, is given an AbortSignal, and fails with a message and a retry. Default: none: what the markup holds. What it answers with, at once, by a promise or an observable, is rendered by `*shellContent` where there is one. */
  readonly content = input<((signal: AbortSignal, key?: string) => unknown) | string>();
  /** When such content is asked for. Default: open. */
  readonly loadOn: InputSignal<DisclosureOptions['loadOn'] | undefined> =
    input<DisclosureOptions['loadOn']>();
  /** Whether such content stays after closing. Default: true. */
  readonly keepContent = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** The words of progress, of the retry, and of a failure. Default: English; the error’s own message. */
  readonly messages: InputSignal<DisclosureOptions['messages'] | undefined> =
    input<DisclosureOptions['messages']>();
  /** Along which axis it opens by its measured size; needs structure.css. Default: none: it opens at once. */
  readonly elastic: InputSignal<DisclosureOptions['elastic'] | undefined> =
    input<DisclosureOptions['elastic']>();

  /** A `<details>` is a part of another name. */
  protected override rootPart(): string {
    return this.host.localName === 'details' ? 'details' : 'root';
  }

  constructor() {
    super(disclosurePattern, options);
  }
}
