// <… [shellTooltip]>: shows a few words beside a control while the pointer or the focus is on it.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { TooltipOptions } from 'elastic-shell';
import { tooltipPattern } from 'elastic-shell/bindings';
import type { TooltipHandle } from './handles.js';
import { count, notBound, PatternDirective } from './pattern.js';

/** What `ShellTooltip` has besides its inputs and outputs: states, parts and methods. */
export interface ShellTooltip extends TooltipHandle {}

const options = ['guard', 'area', 'gap', 'edgeGap', 'fallbacks', 'fit', 'anchor', 'hoverDelay'];

/** Shows a few words beside a control while the pointer or the focus is on it. Stands on the tooltip. */
@Directive({ selector: '[shellTooltip]', exportAs: 'shellTooltip' })
export class ShellTooltip extends PatternDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<TooltipOptions['guard'] | undefined> = input<TooltipOptions['guard']>();
  /** Where it stands, by the grammar of position-area. Default: block-start. */
  readonly area: InputSignal<TooltipOptions['area'] | undefined> = input<TooltipOptions['area']>();
  /** How far it stands from its anchor. Default: 6. */
  readonly gap = input<number | undefined, unknown>(undefined, { transform: count });
  /** How far it keeps from the edge of the screen. Default: 8. */
  readonly edgeGap = input<number | undefined, unknown>(undefined, { transform: count });
  /** What is tried when there is no room. Default: the first three; beside an inline side also above and below. */
  readonly fallbacks: InputSignal<TooltipOptions['fallbacks'] | undefined> =
    input<TooltipOptions['fallbacks']>();
  /** How wide it is. Default: content. */
  readonly fit: InputSignal<TooltipOptions['fit'] | undefined> = input<TooltipOptions['fit']>();
  /** What it stands beside. Default: the control it belongs to. */
  readonly anchor: InputSignal<TooltipOptions['anchor'] | undefined> = input<TooltipOptions['anchor']>();
  /** How long the pointer rests before it shows; none from one tooltip to the next. Default: 500. */
  readonly hoverDelay = input<number | undefined, unknown>(undefined, { transform: count });

  constructor() {
    super(tooltipPattern, options);
  }
}
