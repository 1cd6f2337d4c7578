// What directives of layers have alike: what dismisses them, where focus goes, and content that comes later.
import { Directive, input, type InputSignal } from '@angular/core';
import type { DialogOptions } from 'elastic-shell';
import { flag, PatternDirective } from './pattern.js';

/** The options that are inputs of every layer. */
export const layerInputs = [
  'outside',
  'escape',
  'focusOut',
  'behind',
  'firstFocus',
  'focusReturn',
  'content',
  'loadOn',
  'keepContent',
];

/** The base of the directives of dialogs, drawers and popovers. */
@Directive()
export abstract class LayerDirective extends PatternDirective {
  /** What a press outside does. Default: close; keep for an alert dialog. */
  readonly outside: InputSignal<DialogOptions['outside'] | undefined> = input<DialogOptions['outside']>();
  /** What Escape and the back gesture do. Default: close. */
  readonly escape: InputSignal<DialogOptions['escape'] | undefined> = input<DialogOptions['escape']>();
  /** What happens when focus leaves it and its opener. Default: keep; close for a popover. */
  readonly focusOut: InputSignal<DialogOptions['focusOut'] | undefined> = input<DialogOptions['focusOut']>();
  /** What becomes of it when a modal dialog opens from a control in it. Default: keep. */
  readonly behind: InputSignal<DialogOptions['behind'] | undefined> = input<DialogOptions['behind']>();
  /** Where focus goes on opening. Default: see what it owes. */
  readonly firstFocus: InputSignal<DialogOptions['firstFocus'] | undefined> =
    input<DialogOptions['firstFocus']>();
  /** Where focus goes on closing. Default: the opener, else what follows where it stood. */
  readonly focusReturn: InputSignal<DialogOptions['focusReturn'] | undefined> =
    input<DialogOptions['focusReturn']>();
  /** Makes what goes into [data-content], else to the end; may answer with a promise, is given an AbortSignal, and fails with a message and a retry. Default: none: what the markup holds. What it answers with, at once, by a promise or an observable, is rendered by `*shellContent` where there is one. */
  readonly content = input<((signal: AbortSignal, key?: string) => unknown) | string>();
  /** When such content is asked for. Default: open. */
  readonly loadOn: InputSignal<DialogOptions['loadOn'] | undefined> = input<DialogOptions['loadOn']>();
  /** Whether such content stays after closing. Default: true. */
  readonly keepContent = input<boolean | undefined, unknown>(undefined, { transform: flag });
}
