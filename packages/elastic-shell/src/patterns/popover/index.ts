// `elastic-shell/popover`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { popover } from '../../core/contract/popover.js';
import { registerPattern } from '../../engine/defaults.js';
import { wirePopover } from './wire.js';

export * from './wire.js';
registerPattern(popover.name, popover.options, wirePopover);
