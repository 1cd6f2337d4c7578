// `elastic-shell/drawer`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { drawer } from '../../core/contract/drawer.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireDrawer } from './wire.js';

export * from './wire.js';
registerPattern(drawer.name, drawer.options, wireDrawer);
