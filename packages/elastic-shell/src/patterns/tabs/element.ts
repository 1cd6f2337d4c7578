// The element <shell-tabs>, which wires the tabs inside it.
import { tabs, tabsMethods } from '../../core/contract/tabs.js';
import { element } from '../../engine/element.js';
import type {
  ClosedProperty,
  OptionProperties,
  SelectedProperty,
  ShellElement,
} from '../../engine/element-types.js';
import { type Tabs, type TabsOptions, wireTabs } from './wire.js';

/** The element `<shell-tabs>`. Its options and states are properties, and its methods are methods. */
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
