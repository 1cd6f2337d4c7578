// <… [shellCarousel]>: shows slides side by side, one or several at a time.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { CarouselOptions } from 'elastic-shell';
import { carouselPattern } from 'elastic-shell/bindings';
import type { CarouselHandle } from './handles.js';
import { count, flag, notBound, PatternDirective } from './pattern.js';

/** What `ShellCarousel` has besides its inputs and outputs: states, parts and methods. */
export interface ShellCarousel extends CarouselHandle {}

const options = ['guard', 'interval', 'wrap', 'messages'];

/** Shows slides side by side, one or several at a time. Stands on a `<section>`. */
@Directive({ selector: '[shellCarousel]', exportAs: 'shellCarousel' })
export class ShellCarousel extends PatternDirective {
  /** The key of what is selected; where several may be, the set of them. Bound, it is asked; left out, the state is the pattern's own. */
  readonly selectedInput = input<string | undefined>(notBound(), { alias: 'selected' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly selectedChange = output<string | undefined>();
  /** Whether the slides turn by themselves. Bound, it is asked; left out, the state is the pattern's own. */
  readonly rotatingInput = input<boolean | undefined>(notBound(), { alias: 'rotating' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly rotatingChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<CarouselOptions['guard'] | undefined> = input<CarouselOptions['guard']>();
  /** How long a slide stays while they rotate. Default: none: no rotation. */
  readonly interval = input<number | undefined, unknown>(undefined, { transform: count });
  /** From the last goes on to the first, and back. Default: true. */
  readonly wrap = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** The names of slides and of the rotation button. Default: "n of m", "Stop rotation" and "Start rotation". */
  readonly messages: InputSignal<CarouselOptions['messages'] | undefined> =
    input<CarouselOptions['messages']>();

  constructor() {
    super(carouselPattern, options);
  }
}
