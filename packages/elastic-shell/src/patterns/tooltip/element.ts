// <shell-tooltip>: wires the tooltip inside it.
import { tooltip } from '../../core/contract/tooltip.js';
import { element } from '../../engine/element.js';
import { wireTooltip } from './wire.js';

element('shell-tooltip', wireTooltip, { root: '[popover]', options: tooltip.options ?? {} });
