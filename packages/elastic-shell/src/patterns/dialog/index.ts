// `elastic-shell/dialog`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { dialog } from '../../core/contract/dialog.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireDialog } from './wire.js';

export * from './wire.js';
registerPattern(dialog.name, dialog.options, wireDialog);
