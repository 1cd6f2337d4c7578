// <… [shellDialog]>: opens above the page and keeps everything else out of reach until it is answered or dismissed.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { DialogOptions } from 'elastic-shell';
import { dialogPattern } from 'elastic-shell/bindings';
import type { DialogHandle } from './handles.js';
import { layerInputs, LayerDirective } from './layer.js';
import { notBound } from './pattern.js';

/** What `ShellDialog` has besides its inputs and outputs: states, parts and methods. */
export interface ShellDialog extends DialogHandle {}

const options = [...layerInputs, 'guard', 'messages', 'size', 'phone', 'backdrop'];

/** Opens above the page and keeps everything else out of reach until it is answered or dismissed. Stands on a `<dialog>`. */
@Directive({ selector: '[shellDialog]', exportAs: 'shellDialog' })
export class ShellDialog extends LayerDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<DialogOptions['guard'] | undefined> = input<DialogOptions['guard']>();
  /** The words of progress, of the retry, and of a failure. Default: English; the error’s own message. */
  readonly messages: InputSignal<DialogOptions['messages'] | undefined> = input<DialogOptions['messages']>();
  /** How wide it is; also as data-size in the markup. Default: medium. */
  readonly size: InputSignal<DialogOptions['size'] | undefined> = input<DialogOptions['size']>();
  /** Whether it fills a narrow screen; also as data-phone in the markup. Default: fit. */
  readonly phone: InputSignal<DialogOptions['phone'] | undefined> = input<DialogOptions['phone']>();
  /** Whether the page behind is shaded; also as data-backdrop in the markup. Default: shade. */
  readonly backdrop: InputSignal<DialogOptions['backdrop'] | undefined> = input<DialogOptions['backdrop']>();

  constructor() {
    super(dialogPattern, options);
  }
}
