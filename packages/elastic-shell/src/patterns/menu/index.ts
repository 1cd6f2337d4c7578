// `elastic-shell/menu`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { menu } from '../../core/contract/menu.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireMenu } from './wire.js';

export * from './wire.js';
registerPattern(menu.name, menu.options, wireMenu);
