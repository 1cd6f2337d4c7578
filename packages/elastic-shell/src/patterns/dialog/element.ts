// The element <shell-dialog>, which wires the <dialog> inside it.
import { dialog, dialogMethods } from '../../core/contract/dialog.js';
import { element } from '../../engine/element.js';
import type { OpenProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Dialog, type DialogOptions, wireDialog } from './wire.js';

/** The element `<shell-dialog>`. Its options and states are properties, and its methods are methods. */
export interface ShellDialog
  extends
    ShellElement<Dialog>,
    OptionProperties<DialogOptions, 'open'>,
    Pick<Dialog, (typeof dialogMethods)[number]>,
    OpenProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-dialog': ShellDialog;
  }
}

element('shell-dialog', wireDialog, {
  root: 'dialog',
  options: dialog.options ?? {},
  methods: dialogMethods,
});
