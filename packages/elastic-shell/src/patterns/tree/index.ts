// `elastic-shell/tree`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { tree } from '../../core/contract/tree.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireTree } from './wire.js';

export * from './wire.js';
registerPattern(tree.name, tree.options, wireTree);
