// `elastic-shell/drawer`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { drawer } from '../../core/contract/drawer.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireDrawer } from './wire.js';

export * from './wire.js';
registerPattern(drawer.name, drawer.options, wireDrawer);
