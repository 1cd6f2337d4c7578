// <… [shellPopover]>: opens beside its control, above everything, and follows it; the page stays live.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { PopoverOptions } from 'elastic-shell';
import { popoverPattern } from 'elastic-shell/bindings';
import type { PopoverHandle } from './handles.js';
import { layerInputs, LayerDirective } from './layer.js';
import { count, flag, notBound } from './pattern.js';

/** What `ShellPopover` has besides its inputs and outputs: states, parts and methods. */
export interface ShellPopover extends PopoverHandle {}

const options = [
  ...layerInputs,
  'guard',
  'messages',
  'area',
  'gap',
  'edgeGap',
  'fallbacks',
  'fit',
  'anchor',
  'openOn',
  'hoverDelay',
  'modal',
];

/** Opens beside its control, above everything, and follows it; the page stays live. Stands on the popover. */
@Directive({ selector: '[shellPopover]', exportAs: 'shellPopover' })
export class ShellPopover extends LayerDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<PopoverOptions['guard'] | undefined> = input<PopoverOptions['guard']>();
  /** The words of progress, of the retry, and of a failure. Default: English; the error’s own message. */
  readonly messages: InputSignal<PopoverOptions['messages'] | undefined> =
    input<PopoverOptions['messages']>();
  /** Where it stands, by the grammar of position-area. Default: block-end. */
  readonly area: InputSignal<PopoverOptions['area'] | undefined> = input<PopoverOptions['area']>();
  /** How far it stands from its anchor. Default: 8. */
  readonly gap = input<number | undefined, unknown>(undefined, { transform: count });
  /** How far it keeps from the edge of the screen. Default: 8. */
  readonly edgeGap = input<number | undefined, unknown>(undefined, { transform: count });
  /** What is tried when there is no room. Default: the first three; beside an inline side also above and below. */
  readonly fallbacks: InputSignal<PopoverOptions['fallbacks'] | undefined> =
    input<PopoverOptions['fallbacks']>();
  /** How wide it is. Default: content. */
  readonly fit: InputSignal<PopoverOptions['fit'] | undefined> = input<PopoverOptions['fit']>();
  /** What it stands beside. Default: the opener. */
  readonly anchor: InputSignal<PopoverOptions['anchor'] | undefined> = input<PopoverOptions['anchor']>();
  /** What opens it besides a press: the pointer resting on the opener, or keyboard focus. Default: press. */
  readonly openOn: InputSignal<PopoverOptions['openOn'] | undefined> = input<PopoverOptions['openOn']>();
  /** How long the pointer rests before it opens. Default: 300. */
  readonly hoverDelay = input<number | undefined, unknown>(undefined, { transform: count });
  /** Whether the page around it is out of reach, under a backdrop; the popover is a <dialog> then. Default: false. */
  readonly modal = input<boolean | undefined, unknown>(undefined, { transform: flag });

  constructor() {
    super(popoverPattern, options);
  }
}
