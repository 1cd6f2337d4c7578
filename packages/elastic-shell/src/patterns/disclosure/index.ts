// `elastic-shell/disclosure`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { disclosure } from '../../core/contract/disclosure.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireDisclosure } from './wire.js';

export * from './wire.js';
registerPattern(disclosure.name, disclosure.options, wireDisclosure);
