// `elastic-shell/tooltip`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { tooltip } from '../../core/contract/tooltip.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireTooltip } from './wire.js';

export * from './wire.js';
registerPattern(tooltip.name, tooltip.options, wireTooltip);
