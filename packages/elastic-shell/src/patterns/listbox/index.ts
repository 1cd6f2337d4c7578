// `elastic-shell/listbox`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { listbox } from '../../core/contract/listbox.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireListbox } from './wire.js';

export * from './wire.js';
registerPattern(listbox.name, listbox.options, wireListbox);
