// `elastic-shell/combobox`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { combobox } from '../../core/contract/combobox.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireCombobox } from './wire.js';

export * from './wire.js';
registerPattern(combobox.name, combobox.options, wireCombobox);
