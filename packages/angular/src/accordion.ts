// <… [shellAccordion]>: headings whose buttons show and hide the section under each.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { AccordionOptions } from 'elastic-shell';
import { accordionPattern } from 'elastic-shell/bindings';
import type { AccordionHandle } from './handles.js';
import { flag, notBound, PatternDirective } from './pattern.js';

/** What `ShellAccordion` has besides its inputs and outputs: states, parts and methods. */
export interface ShellAccordion extends AccordionHandle {}

const options = ['guard', 'exclusive', 'keepOne', 'arrows', 'elastic'];

/** Headings whose buttons show and hide the section under each. Stands on what is around the sections. */
@Directive({ selector: '[shellAccordion]', exportAs: 'shellAccordion' })
export class ShellAccordion extends PatternDirective {
  /** The keys of what is expanded. Bound, it is asked; left out, the state is the pattern's own. */
  readonly expandedInput = input<ReadonlySet<string> | undefined>(notBound(), { alias: 'expanded' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly expandedChange = output<ReadonlySet<string>>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<AccordionOptions['guard'] | undefined> = input<AccordionOptions['guard']>();
  /** Opening one closes the others. Default: false. */
  readonly exclusive = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** The last open one cannot be closed. Default: false. */
  readonly keepOne = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** Arrow keys, Home and End move between the headers. Default: false. */
  readonly arrows = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** Along which axis panels open by their measured size; needs structure.css. Default: block. */
  readonly elastic: InputSignal<AccordionOptions['elastic'] | undefined> =
    input<AccordionOptions['elastic']>();

  constructor() {
    super(accordionPattern, options);
  }
}
