// `elastic-shell/tree`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { tree } from '../../core/contract/tree.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireTree } from './wire.js';

export * from './wire.js';
registerPattern(tree.name, tree.options, wireTree);
