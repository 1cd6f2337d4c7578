// <shell-dialog>: wires the <dialog> inside it.
import { dialog } from '../../core/contract/dialog.js';
import { element } from '../../engine/element.js';
import { wireDialog } from './wire.js';

element('shell-dialog', wireDialog, { root: 'dialog', options: dialog.options ?? {} });
