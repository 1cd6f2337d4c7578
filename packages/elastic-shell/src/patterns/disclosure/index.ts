// `elastic-shell/disclosure`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { disclosure } from '../../core/contract/disclosure.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireDisclosure } from './wire.js';

export * from './wire.js';
registerPattern(disclosure.name, disclosure.options, wireDisclosure);
