// `elastic-shell/switch`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { switching } from '../../core/contract/switch.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireSwitch } from './wire.js';

export * from './wire.js';
registerPattern(switching.name, switching.options, wireSwitch);
