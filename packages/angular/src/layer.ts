// What the directives of layers share: how they are dismissed, where focus moves, and lazy content.
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

/** The base class of the directives of dialogs, drawers and popovers. */
@Directive()
export abstract class LayerDirective extends PatternDirective {
  /**
   * What a click outside does.
   *
   * @defaultValue `close`; `keep` for an alert dialog
   */
  readonly outside: InputSignal<DialogOptions['outside'] | undefined> = input<DialogOptions['outside']>();
  /**
   * What Escape and the back gesture do.
   *
   * @defaultValue `close`
   */
  readonly escape: InputSignal<DialogOptions['escape'] | undefined> = input<DialogOptions['escape']>();
  /**
   * What happens when focus leaves it and its opener.
   *
   * @defaultValue `keep`; `close` for a popover
   */
  readonly focusOut: InputSignal<DialogOptions['focusOut'] | undefined> = input<DialogOptions['focusOut']>();
  /**
   * What happens to it when a control inside it opens a modal dialog.
   *
   * @defaultValue `keep`
   */
  readonly behind: InputSignal<DialogOptions['behind'] | undefined> = input<DialogOptions['behind']>();
  /**
   * Where focus moves when it opens.
   *
   * @defaultValue `[autofocus]`, the first field, the least destructive action or the heading, in that order
   */
  readonly firstFocus: InputSignal<DialogOptions['firstFocus'] | undefined> =
    input<DialogOptions['firstFocus']>();
  /**
   * Where focus moves when it closes.
   *
   * @defaultValue the opener, or the element after it
   */
  readonly focusReturn: InputSignal<DialogOptions['focusReturn'] | undefined> =
    input<DialogOptions['focusReturn']>();
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
  readonly loadOn: InputSignal<DialogOptions['loadOn'] | undefined> = input<DialogOptions['loadOn']>();
  /**
   * Whether the content is kept after closing.
   *
   * @defaultValue true
   */
  readonly keepContent = input<boolean | undefined, unknown>(undefined, { transform: flag });
}
