// <shell-tabs>: wires the tablist and the panels inside it.
import { tabs, tabsMethods } from '../../core/contract/tabs.js';
import { element } from '../../engine/element.js';
import type {
  ClosedProperty,
  OptionProperties,
  SelectedProperty,
  ShellElement,
} from '../../engine/element-types.js';
import { type Tabs, type TabsOptions, wireTabs } from './wire.js';

/** `<shell-tabs>`: its options and states are properties, its methods methods. */
export interface ShellTabs
  extends
    ShellElement<Tabs>,
    OptionProperties<TabsOptions, 'selected' | 'closed'>,
    Pick<Tabs, (typeof tabsMethods)[number]>,
    SelectedProperty,
    ClosedProperty {}

declare global {
  interface HTMLElementTagNameMap {
    'shell-tabs': ShellTabs;
  }
}

element('shell-tabs', wireTabs, {
  root: ':scope',
  options: tabs.options ?? {},
  methods: tabsMethods,
});
