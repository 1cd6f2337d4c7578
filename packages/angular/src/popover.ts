// <… [shellPopover]>: opens beside its control, above everything, and follows it; the page stays live.
import { Directive, input, type InputSignal, output } from '@angular/core';
import type { PopoverOptions } from 'elastic-shell';
import { type Bindable, popoverPattern } from 'elastic-shell/bindings';
import type { PopoverHandle } from './handles.js';
import { count, flag, notBound, PatternDirective } from './pattern.js';

/** What `ShellPopover` has besides its inputs and outputs: states, parts and verbs. */
export interface ShellPopover extends PopoverHandle {}

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
  'area',
  'gap',
  'edgeGap',
  'fallbacks',
  'fit',
  'anchor',
  'content',
  'loadOn',
  'keepContent',
  'openOn',
  'hoverDelay',
  'modal',
];

/** Opens beside its control, above everything, and follows it; the page stays live. Stands on the popover. */
@Directive({ selector: '[shellPopover]', exportAs: 'shellPopover' })
export class ShellPopover extends PatternDirective {
  /** Whether it is open. Bound, it is asked; left out, the state is the pattern's own. */
  readonly openInput = input<boolean | undefined>(notBound(), { alias: 'open' });
  /** Told of each wish for another, and where nobody is bound of each change. */
  readonly openChange = output<boolean>();
  /** May refuse a change, or make it wait for a promise. Default: none. It may answer by a promise or an observable. */
  readonly guard: InputSignal<PopoverOptions['guard'] | undefined> = input<PopoverOptions['guard']>();
  /** What happens when somebody else writes over an attribute that says a state: it is followed, or written again. Default: follow; restore for what opens above the page. */
  readonly rewrites: InputSignal<PopoverOptions['rewrites'] | undefined> =
    input<PopoverOptions['rewrites']>();
  /** What a press outside does. Default: close. */
  readonly outside: InputSignal<PopoverOptions['outside'] | undefined> = input<PopoverOptions['outside']>();
  /** What Escape and the back gesture do. Default: close. */
  readonly escape: InputSignal<PopoverOptions['escape'] | undefined> = input<PopoverOptions['escape']>();
  /** What happens when focus leaves it and its opener. Default: close. */
  readonly focusOut: InputSignal<PopoverOptions['focusOut'] | undefined> =
    input<PopoverOptions['focusOut']>();
  /** What becomes of it when a modal dialog opens from a control in it. Default: keep. */
  readonly behind: InputSignal<PopoverOptions['behind'] | undefined> = input<PopoverOptions['behind']>();
  /** Where focus goes on opening. Default: see what it owes. */
  readonly firstFocus: InputSignal<PopoverOptions['firstFocus'] | undefined> =
    input<PopoverOptions['firstFocus']>();
  /** Where focus goes on closing. Default: the opener, else what follows where it stood. */
  readonly focusReturn: InputSignal<PopoverOptions['focusReturn'] | undefined> =
    input<PopoverOptions['focusReturn']>();
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
  /** Makes what goes into [data-content], else to the end; may answer with a promise, is given an AbortSignal, and fails with a message and a retry. Default: none: what the markup holds. What it answers with, at once, by a promise or an observable, is rendered by `*shellContent` where there is one. */
  readonly content = input<((signal: AbortSignal, key?: string) => unknown) | string>();
  /** When such content is asked for. Default: open. */
  readonly loadOn: InputSignal<PopoverOptions['loadOn'] | undefined> = input<PopoverOptions['loadOn']>();
  /** Whether such content stays after closing. Default: true. */
  readonly keepContent = input<boolean | undefined, unknown>(undefined, { transform: flag });
  /** What opens it besides a press: the pointer resting on the opener, or keyboard focus. Default: press. */
  readonly openOn: InputSignal<PopoverOptions['openOn'] | undefined> = input<PopoverOptions['openOn']>();
  /** How long the pointer rests before it opens. Default: 300. */
  readonly hoverDelay = input<number | undefined, unknown>(undefined, { transform: count });
  /** Whether the page around it is out of reach, under a backdrop; the popover is a <dialog> then. Default: false. */
  readonly modal = input<boolean | undefined, unknown>(undefined, { transform: flag });

  constructor() {
    // The pattern of which it is an instance; its options are checked when it is wired.
    super(popoverPattern as unknown as Bindable, options);
  }
}
