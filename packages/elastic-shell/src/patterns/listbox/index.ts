// `elastic-shell/listbox`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { listbox } from '../../core/contract/listbox.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireListbox } from './wire.js';

export * from './wire.js';
registerPattern(listbox.name, listbox.options, wireListbox);
