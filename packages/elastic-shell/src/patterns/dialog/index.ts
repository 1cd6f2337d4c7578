// `elastic-shell/dialog`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { dialog } from '../../core/contract/dialog.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireDialog } from './wire.js';

export * from './wire.js';
registerPattern(dialog.name, dialog.options, wireDialog);
