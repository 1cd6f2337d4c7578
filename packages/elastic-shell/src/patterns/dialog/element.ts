// <shell-dialog>: wires the <dialog> inside it.
import { dialog, dialogMethods } from '../../core/contract/dialog.js';
import { element } from '../../engine/element.js';
import type { OpenProperty, OptionProperties, ShellElement } from '../../engine/element-types.js';
import { type Dialog, type DialogOptions, wireDialog } from './wire.js';

/** `<shell-dialog>`: its options and states are properties, its methods methods. */
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
