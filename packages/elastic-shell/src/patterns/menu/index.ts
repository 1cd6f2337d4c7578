// `elastic-shell/menu`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { menu } from '../../core/contract/menu.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireMenu } from './wire.js';

export * from './wire.js';
registerPattern(menu.name, menu.options, wireMenu);
