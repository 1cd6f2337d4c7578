// <… [shellDisclosure]>: shows and hides content in place.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { DisclosureOptions } from 'elastic-shell';
import { disclosurePattern } from 'elastic-shell/bindings';
import type { DisclosureHandle } from './handles.js';
import { flag, notBound, PatternDirective } from './pattern.js';

/** The members of `ShellDisclosure` besides its inputs and outputs: states, parts and methods. */
export interface ShellDisclosure extends DisclosureHandle {}

const options = ['guard', 'content', 'loadOn', 'keepContent', 'messages', 'elastic'];

/** Shows and hides content in place. Put it on the panel or on a `<details>`. */
@Directive({ selector: '[shellDisclosure]', exportAs: 'shellDisclosure' })
export class ShellDisclosure extends PatternDirective {
  /**
   * Whether it is open. If it is bound, the component decides about each change. If not, the pattern stores
   * it.
   */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Emits each requested change if the state is bound, and each change otherwise. */
  readonly openChange = output<boolean>();
  /**
   * Called before each change. Return false to block the change, or a promise or an observable to decide
   * later.
   *
   * @defaultValue none
   */
  readonly guard: InputSignal<DisclosureOptions['guard'] | undefined> = input<DisclosureOptions['guard']>();
  /**
   * Creates the content when it is first needed, at once, by a promise or by an observable. It gets an
   * AbortSignal. `*shellContent` renders the result if there is one.
   *
   * @defaultValue none: the content is in the markup
   */
  readonly content = input<((signal: AbortSignal, key?: string) => unknown) | string>();
  /**
   * When the content is created.
   *
   * @defaultValue `open`
   */
  readonly loadOn: InputSignal<DisclosureOptions['loadOn'] | undefined> =
    input<DisclosureOptions['loadOn']>();
  /**
   * Whether the content is kept after closing.
   *
   * @defaultValue true
   */
  readonly keepContent = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /**
   * The texts of the progress indicator, the retry button and failures.
   *
   * @defaultValue English, and the message of the error
   */
  readonly messages: InputSignal<DisclosureOptions['messages'] | undefined> =
    input<DisclosureOptions['messages']>();
  /**
   * The axis along which it opens by its measured size. Needs structure.css.
   *
   * @defaultValue none: it opens at once
   */
  readonly elastic: InputSignal<DisclosureOptions['elastic'] | undefined> =
    input<DisclosureOptions['elastic']>();

  /**
   * A `<details>` has a part of another name.
   *
   * @returns The part for the element.
   */
  protected override rootPart(): string {
    return this.host.localName === 'details' ? 'details' : 'root';
  }

  constructor() {
    super(disclosurePattern, options);
  }
}
