// `elastic-shell/accordion`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { accordion } from '../../core/contract/accordion.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireAccordion } from './wire.js';

export * from './wire.js';
registerPattern(accordion.name, accordion.options, wireAccordion);
