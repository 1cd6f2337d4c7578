// `elastic-shell/popover`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { popover } from '../../core/contract/popover.js';
import { registerPattern } from '../../engine/defaults.js';
import { wirePopover } from './wire.js';

export * from './wire.js';
registerPattern(popover.name, popover.options, wirePopover);
