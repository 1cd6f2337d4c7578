// <shell-popover>: wires the popover inside it.
import { popover } from '../../core/contract/popover.js';
import { element } from '../../engine/element.js';
import { wirePopover } from './wire.js';

element('shell-popover', wirePopover, { root: '[popover],dialog', options: popover.options ?? {} });
