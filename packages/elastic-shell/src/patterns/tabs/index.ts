// `elastic-shell/tabs`. Importing this module alone makes the pattern known to `wireWithin`: package.json lists it among the modules
// with an effect, so bundlers keep it. They drop wire.js, which is not listed, where nothing of it is used.
import { tabs } from '../../core/contract/tabs.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireTabs } from './wire.js';

export * from './wire.js';
registerPattern(tabs.name, tabs.options, wireTabs);
