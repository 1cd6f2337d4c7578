// `elastic-shell/combobox`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { combobox } from '../../core/contract/combobox.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireCombobox } from './wire.js';

export * from './wire.js';
registerPattern(combobox.name, combobox.options, wireCombobox);
