// <… [shellDialog]>: opens above the page and keeps everything else out of reach until it is answered or dismissed.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { DialogOptions } from 'elastic-shell';
import { type Bindable, dialogPattern } from 'elastic-shell/bindings';
import type { DialogHandle } from './handles.js';
import { flag, notBound, PatternDirective } from './pattern.js';

/** What `ShellDialog` has besides its inputs and outputs: states, parts and verbs. */
export interface ShellDialog extends DialogHandle {}

const options = [
  'guard',
  'rewrites',
  'outside',
  'escape',
  'focusOut',
  'behind',
  'firstFocus',
  'focusReturn',
  'messages',
  'content',
  'loadOn',
  'keepContent',
  'size',
  'phone',
  'backdrop',
];

/** Opens above the page and keeps everything else out of reach until it is answered or dismissed. Stands on a `<dialog>`. */
@Directive({ selector: '[shellDialog]', exportAs: 'shellDialog' })
export class ShellDialog extends PatternDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<DialogOptions['guard'] | undefined> = input<DialogOptions['guard']>();
  /** What happens when somebody else writes over an attribute that says a state: it is followed, or written again. Default: follow; restore for what opens above the page. */
  readonly rewrites: InputSignal<DialogOptions['rewrites'] | undefined> = input<DialogOptions['rewrites']>();
  /** What a press on the backdrop does. Default: close; keep for an alert dialog. */
  readonly outside: InputSignal<DialogOptions['outside'] | undefined> = input<DialogOptions['outside']>();
  /** What Escape and the back gesture do. Default: close. */
  readonly escape: InputSignal<DialogOptions['escape'] | undefined> = input<DialogOptions['escape']>();
  /** What happens when focus leaves it and its opener. Default: keep. */
  readonly focusOut: InputSignal<DialogOptions['focusOut'] | undefined> = input<DialogOptions['focusOut']>();
  /** What becomes of it when a modal dialog opens from a control in it. Default: keep. */
  readonly behind: InputSignal<DialogOptions['behind'] | undefined> = input<DialogOptions['behind']>();
  /** Where focus goes on opening. Default: see what it owes. */
  readonly firstFocus: InputSignal<DialogOptions['firstFocus'] | undefined> =
    input<DialogOptions['firstFocus']>();
  /** Where focus goes on closing. Default: the opener, else what follows where it stood. */
  readonly focusReturn: InputSignal<DialogOptions['focusReturn'] | undefined> =
    input<DialogOptions['focusReturn']>();
  /** The words of progress, of the retry, and of a failure. Default: English; the error’s own message. */
  readonly messages: InputSignal<DialogOptions['messages'] | undefined> = input<DialogOptions['messages']>();
  /** Makes what goes into [data-content], else to the end; may answer with a promise, is given an AbortSignal, and fails with a message and a retry. Default: none: what the markup holds. What it answers with, at once, by a promise or an observable, is rendered by `*shellContent` where there is one. */
  readonly content = input<((signal: AbortSignal, key?: string) => unknown) | string>();
  /** When such content is asked for. Default: open. */
  readonly loadOn: InputSignal<DialogOptions['loadOn'] | undefined> = input<DialogOptions['loadOn']>();
  /** Whether such content stays after closing. Default: true. */
  readonly keepContent = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** How wide it is; also as data-size in the markup. Default: medium. */
  readonly size: InputSignal<DialogOptions['size'] | undefined> = input<DialogOptions['size']>();
  /** Whether it fills a narrow screen; also as data-phone in the markup. Default: fit. */
  readonly phone: InputSignal<DialogOptions['phone'] | undefined> = input<DialogOptions['phone']>();
  /** Whether the page behind is shaded; also as data-backdrop in the markup. Default: shade. */
  readonly backdrop: InputSignal<DialogOptions['backdrop'] | undefined> = input<DialogOptions['backdrop']>();

  constructor() {
    // The pattern of which it is an instance; its options are checked when it is wired.
    super(dialogPattern as unknown as Bindable, options);
  }
}
