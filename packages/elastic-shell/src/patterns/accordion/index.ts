// `elastic-shell/accordion`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { accordion } from '../../core/contract/accordion.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireAccordion } from './wire.js';

export * from './wire.js';
registerPattern(accordion.name, accordion.options, wireAccordion);
