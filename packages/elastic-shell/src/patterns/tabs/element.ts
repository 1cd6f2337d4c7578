// <shell-tabs>: wires the tablist and the panels inside it.
import { tabs } from '../../core/contract/tabs.js';
import { element } from '../../engine/element.js';
import { wireTabs } from './wire.js';

element('shell-tabs', wireTabs, { root: ':scope', options: tabs.options ?? {} });
