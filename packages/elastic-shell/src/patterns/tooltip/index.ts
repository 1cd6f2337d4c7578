// `elastic-shell/tooltip`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { tooltip } from '../../core/contract/tooltip.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireTooltip } from './wire.js';

export * from './wire.js';
registerPattern(tooltip.name, tooltip.options, wireTooltip);
