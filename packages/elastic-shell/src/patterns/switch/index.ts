// `elastic-shell/switch`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { switching } from '../../core/contract/switch.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireSwitch } from './wire.js';

export * from './wire.js';
registerPattern(switching.name, switching.options, wireSwitch);
