// `elastic-shell/tabs`: the pattern, known to `wireWithin` also where nothing of it is imported by name: a bundler keeps this module,
// and drops the one that it is made of where nobody uses it.
import { tabs } from '../../core/contract/tabs.js';
import { registerPattern } from '../../engine/defaults.js';
import { wireTabs } from './wire.js';

export * from './wire.js';
registerPattern(tabs.name, tabs.options, wireTabs);
